//! The core at its public surface, a file for each stage, and what holds for any words.

mod alone;
mod complete;
mod conventions;
mod customs;
mod declare;
mod demo;
mod fault;
mod fix;
mod forms;
mod invitations;
mod kinds;
mod listed;
mod meant;
mod misread;
mod offered;
mod page;
mod properties;
mod prove;
mod read;
mod regression;
mod rules;
mod secrets;
mod setters;
mod told;
mod untyped;
mod world;
