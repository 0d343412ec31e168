//! The built program in a real terminal of its own.

#![allow(dead_code, reason = "each test file uses a part")]

use super::Folder;
use portable_pty::{Child, CommandBuilder, MasterPty, PtySize, native_pty_system};
use std::io::{Read, Write};
use std::num::NonZeroU16;
use std::sync::{Arc, Mutex};
use std::thread;
use std::time::{Duration, Instant};

/// How long something may take to be shown; only a failing test takes so long.
const PATIENCE: Duration = Duration::from_secs(40);

/// A terminal in which the program runs.
pub struct Terminal {
    child: Box<dyn Child + Send + Sync>,
    master: Box<dyn MasterPty + Send>,
    keys: Box<dyn Write + Send>,
    screen: Arc<Mutex<vt100::Parser>>,
}

fn size(columns: u16, rows: u16) -> PtySize {
    PtySize { rows, cols: columns, pixel_width: 0, pixel_height: 0 }
}

fn whole(count: u16) -> NonZeroU16 {
    NonZeroU16::new(count).unwrap()
}

impl Terminal {
    /// Starts a program in a folder.
    pub fn start(
        folder: &Folder,
        program: &str,
        arguments: &[&str],
        (columns, rows): (u16, u16),
        variables: &[(&str, &str)],
    ) -> Terminal {
        let pair = native_pty_system().openpty(size(columns, rows)).unwrap();
        let mut command = CommandBuilder::new(program);
        command.args(arguments);
        command.cwd(folder.path(""));
        std::fs::create_dir_all(folder.path("tmp")).unwrap();
        command.env("XDG_STATE_HOME", folder.path("state"));
        command.env("XDG_CACHE_HOME", folder.path("cache"));
        command.env("TMPDIR", folder.path("tmp"));
        command.env("TERM", "xterm-256color");
        // What is said the first time that something is kept is a test of its own.
        command.env("ERRATUM_JOURNAL", "0");
        command.env_remove("COLUMNS");
        for name in ["VISUAL", "EDITOR"] {
            command.env_remove(name);
        }
        for (name, value) in variables {
            command.env(name, value);
        }
        let child = pair.slave.spawn_command(command).unwrap();
        let screen = Arc::new(Mutex::new(vt100::Parser::new(whole(rows), whole(columns), 0)));
        let mut output = pair.master.try_clone_reader().unwrap();
        let shown = Arc::clone(&screen);
        thread::spawn(move || {
            let mut bytes = [0; 4096];
            while let Ok(count) = output.read(&mut bytes) {
                if count == 0 {
                    return;
                }
                shown.lock().unwrap().process(&bytes[..count]);
            }
        });
        let keys = pair.master.take_writer().unwrap();
        Terminal { child, master: pair.master, keys, screen }
    }

    /// Starts Erratum.
    pub fn erratum(folder: &Folder, arguments: &[&str], size: (u16, u16)) -> Terminal {
        Terminal::start(folder, env!("CARGO_BIN_EXE_erratum"), arguments, size, &[])
    }

    /// What is on the screen.
    pub fn text(&self) -> String {
        self.screen.lock().unwrap().screen().contents()
    }

    /// Whether a full-screen view is open.
    pub fn full_screen(&self) -> bool {
        self.screen.lock().unwrap().screen().alternate_screen()
    }

    /// Whether the cursor can be seen.
    pub fn cursor(&self) -> bool {
        !self.screen.lock().unwrap().screen().hide_cursor()
    }

    /// Waits until something is on the screen.
    pub fn wait_for(&self, wanted: &str) -> String {
        self.wait_until(wanted, |text| text.contains(wanted))
    }

    /// Waits until the screen is as it should be.
    pub fn wait_until(&self, what: &str, fits: impl Fn(&str) -> bool) -> String {
        let started = Instant::now();
        loop {
            let text = self.text();
            if fits(&text) {
                return text;
            }
            assert!(started.elapsed() < PATIENCE, "never came: {what}\n{text}");
            thread::sleep(Duration::from_millis(20));
        }
    }

    /// Types.
    pub fn send(&mut self, keys: &str) {
        self.keys.write_all(keys.as_bytes()).unwrap();
        self.keys.flush().unwrap();
    }

    /// Gives the terminal another size.
    pub fn resize(&mut self, columns: u16, rows: u16) {
        self.screen.lock().unwrap().screen_mut().set_size(whole(rows), whole(columns));
        self.master.resize(size(columns, rows)).unwrap();
    }

    /// The number of the process.
    pub fn id(&self) -> u32 {
        self.child.process_id().unwrap()
    }

    /// Waits for the end; gives the exit status.
    pub fn end(mut self) -> (u32, String, bool) {
        let started = Instant::now();
        loop {
            if let Some(status) = self.child.try_wait().unwrap() {
                // What was written last may still be on its way.
                thread::sleep(Duration::from_millis(150));
                let put_back = !self.full_screen() && self.cursor();
                return (status.exit_code(), self.text(), put_back);
            }
            assert!(started.elapsed() < PATIENCE, "does not end\n{}", self.text());
            thread::sleep(Duration::from_millis(20));
        }
    }
}
