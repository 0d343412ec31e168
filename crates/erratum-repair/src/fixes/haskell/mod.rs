//! Languages that apply functions without brackets and read blocks from columns.

pub(super) mod answered;
pub(super) mod applied;
pub(super) mod classes;
pub(super) mod equations;
pub(super) mod functions;
pub(super) mod grouped;
pub(super) mod heads;
pub(super) mod items;
pub(super) mod layout;
pub(super) mod marks;
pub(super) mod numbers;
