//! All that depends on the operating system: process groups, limits, modes and links. Another system
//! is one more file with the functions of `unix` or `plain`.

#[cfg(unix)]
mod unix;
#[cfg(unix)]
pub(crate) use unix::{
    adopt_strays, end_strays, has_ended, is_own, is_safe, keep_private, kill_group, lead_group,
    lend_folder, limit_memory, lower_priority, make_own, same_mode,
};

#[cfg(not(unix))]
mod plain;
#[cfg(not(unix))]
pub(crate) use plain::{
    adopt_strays, end_strays, has_ended, is_own, is_safe, keep_private, kill_group, lead_group,
    lend_folder, limit_memory, lower_priority, make_own, same_mode,
};
