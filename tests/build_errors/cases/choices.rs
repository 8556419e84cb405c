use clavret::Choice;

#[derive(Clone, Choice)]
enum Form {
    /// for people
    Table,
    Csv(char),
    #[offer(nme = "j")]
    Json,
}

#[derive(Clone, Choice)]
enum Order {
    /// by code
    Code,
}

#[derive(Clone, Copy, Choice)]
struct Queen;

fn main() {}
