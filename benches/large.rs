//! A program with 10,000 commands, one of which has 50,000 options: what TAB costs in a shell, for scripts/bench.

use clavret::ask::Param;
use clavret::{COMPLETIONS_COMMAND, Command, Named};

fn leak<T>(value: T) -> &'static T {
    Box::leak(Box::new(value))
}

fn main() -> std::process::ExitCode {
    let option = |at| {
        leak(Named::<Option<u8>>::draft(leak(format!("option-{at:05}"))).help("one of many"))
            .param()
    };
    let params: Vec<&'static Param<'static>> = (0..50_000).map(option).collect();
    let many = leak(Command::draft("many").takes(leak(params)));
    let command =
        |at| leak(Command::draft(leak(format!("command-{at:05}"))).summary("one of many"));
    let mut commands: Vec<&'static Command<'static>> = (0..10_000).map(command).collect();
    commands.extend([many, &COMPLETIONS_COMMAND]);
    clavret::run(leak(Command::draft("large").commands(leak(commands)).answers()), |_| ())
}
