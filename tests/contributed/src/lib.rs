//! A weather station, and the commands that it brings to a program which has one.

use std::io::{self, Write};

use clavret::{Declare, Streams, valid};

/// A weather station.
#[derive(Debug)]
pub struct Station {
    /// The temperature in °C.
    pub celsius: f64,
}

/// the weather at the yard
#[clavret::declare(name = "weather")]
impl Station {
    /// the temperature now
    fn now(&self, #[bundle] unit: Unit, streams: &Streams<'_>) -> io::Result<()> {
        let degrees = if unit.kelvin { self.celsius + 273.15 } else { self.celsius };
        writeln!(streams.out(), "{degrees}")
    }

    /// whether bees fly
    fn flight(
        &self,
        /// lowest temperature that they fly at
        #[option(default = 10.0, placeholder = "DEGREES", valid = valid::range(0.0, 40.0))]
        from: f64,
        streams: &Streams<'_>,
    ) -> io::Result<()> {
        writeln!(streams.out(), "{}", if self.celsius < from { "no" } else { "yes" })
    }
}

/// unit
#[derive(Debug, Declare)]
pub struct Unit {
    /// in kelvin
    #[flag(letter = 'k')]
    kelvin: bool,
}
