//! The ids that the build script makes types of.

use serde::{Deserialize, Serialize};
use std::fmt;
use std::str::FromStr;

/// A name that the catalogue does not have.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct UnknownId(pub String);

impl fmt::Display for UnknownId {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(f, "the catalogue has no '{}'", self.0)
    }
}

impl std::error::Error for UnknownId {}

include!(concat!(env!("OUT_DIR"), "/ids.rs"));
