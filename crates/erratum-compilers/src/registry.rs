//! What must be stopped or removed when the program is interrupted: running compilers and scratch
//! folders.

use crate::os;
use std::path::{Path, PathBuf};
use std::sync::Mutex;
use std::sync::atomic::{AtomicBool, Ordering};

static FOLDERS: Mutex<Vec<PathBuf>> = Mutex::new(Vec::new());
static CHILDREN: Mutex<Vec<u32>> = Mutex::new(Vec::new());
static STOPPED: AtomicBool = AtomicBool::new(false);

fn with<T, R>(list: &Mutex<Vec<T>>, act: impl FnOnce(&mut Vec<T>) -> R) -> R {
    act(&mut list.lock().unwrap_or_else(|poisoned| poisoned.into_inner()))
}

pub(crate) fn folder_made(path: &Path) {
    with(&FOLDERS, |list| list.push(path.to_owned()));
}

pub(crate) fn folder_gone(path: &Path) {
    with(&FOLDERS, |list| list.retain(|other| other != path));
}

/// Notes a running child; false if everything is being stopped and it should not go on.
pub(crate) fn child_started(id: u32) -> bool {
    with(&CHILDREN, |list| list.push(id));
    !STOPPED.load(Ordering::SeqCst)
}

pub(crate) fn child_ended(id: u32) {
    with(&CHILDREN, |list| list.retain(|other| *other != id));
}

/// Whether a process is a running child.
pub(crate) fn is_child(id: u32) -> bool {
    with(&CHILDREN, |list| list.contains(&id))
}

/// Whether everything is being stopped: nothing new may be written then.
pub(crate) fn stopping() -> bool {
    STOPPED.load(Ordering::SeqCst)
}

/// Stops all running compilers and removes all scratch folders. Nothing is started afterwards.
pub fn interrupt() {
    STOPPED.store(true, Ordering::SeqCst);
    for id in with(&CHILDREN, std::mem::take) {
        os::kill_group(id);
    }
    for path in with(&FOLDERS, std::mem::take) {
        // A compiler that is just ending, or we ourselves, may still write into it.
        for _ in 0..20 {
            crate::scratch::remove(&path);
            std::thread::sleep(std::time::Duration::from_millis(5));
            if !path.exists() {
                break;
            }
        }
    }
}
