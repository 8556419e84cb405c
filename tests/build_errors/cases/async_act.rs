use clavret::{Act, Call, Declare, Done};

#[derive(Declare)]
struct Weigh;

impl Act for Weigh {
    async fn act(self, call: &Call<'_>) -> Done {
        let _ = call;
        Ok(())
    }
}

fn main() {}
