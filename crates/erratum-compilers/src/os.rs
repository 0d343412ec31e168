//! All that depends on the operating system: process groups, limits, modes and links. Another system
//! is one more file with the functions of `unix` or `windows`.

#[cfg(unix)]
mod unix;
#[cfg(unix)]
pub use unix::command_words;
#[cfg(unix)]
pub(crate) use unix::{
    adopt_strays, end_strays, has_ended, hold, is_own, is_safe, keep_private, kill_group,
    lead_group, lend_folder, lower_priority, make_own, same_mode,
};

#[cfg(windows)]
mod windows;
#[cfg(windows)]
pub use windows::command_words;
#[cfg(windows)]
pub(crate) use windows::{
    adopt_strays, end_strays, has_ended, hold, is_own, is_safe, keep_private, kill_group,
    lead_group, lend_folder, lower_priority, make_own, same_mode,
};
