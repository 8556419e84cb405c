//! Mistakes in a declaration stop the build, and the message names the culprits: asserted by text
//! and place, as a developer reads it.

#[cfg(test)]
#[test]
fn wrong_declarations_stop_the_build_and_name_both_culprits() {
    trybuild::TestCases::new().compile_fail("cases/*.rs");
}
