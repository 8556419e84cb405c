use clavret::asked;

fn main() {
    let _frames: u8 = asked!(option "frames" 'f' = 0, "brood frames seen");
    let _hive = asked!(operand "hive": String);
    let _calm = asked!(flags "calm");
    let _temp = asked!(option "temp": f64 = "warm", "in °C");
}
