//! Names of files as a client writes them.

use lsp_types::Uri;
use percent_encoding::{AsciiSet, CONTROLS, percent_decode_str, utf8_percent_encode};
use std::path::{Path, PathBuf};
use std::str::FromStr;

/// What is written with a per cent sign in a path.
const ESCAPED: &AsciiSet = &CONTROLS
    .add(b' ')
    .add(b'"')
    .add(b'#')
    .add(b'%')
    .add(b'<')
    .add(b'>')
    .add(b'?')
    .add(b'[')
    .add(b'\\')
    .add(b']')
    .add(b'^')
    .add(b'`')
    .add(b'{')
    .add(b'|')
    .add(b'}');

/// The path of a file on this machine; nothing for other schemes, such as `untitled:`.
pub(crate) fn path(uri: &Uri) -> Option<PathBuf> {
    let rest = uri.as_str().strip_prefix("file://")?;
    let path = &rest[rest.find('/')?..];
    let decoded = percent_decode_str(path).decode_utf8().ok()?;
    Some(PathBuf::from(if cfg!(windows) { on_drive(&decoded) } else { decoded.into_owned() }))
}

/// The path on Windows that `/c:/quay/ferry.c` means.
fn on_drive(path: &str) -> String {
    let rest = path.strip_prefix('/').filter(|rest| rest.chars().nth(1) == Some(':'));
    rest.unwrap_or(path).replace('/', "\\")
}

/// What stands for a path of Windows behind `file://`.
fn of_drive(path: &str) -> String {
    format!("/{}", path.replace('\\', "/"))
}

/// The name of a file for a client.
pub(crate) fn of(path: &Path) -> Option<Uri> {
    let text = path.to_str()?;
    let text = if cfg!(windows) { of_drive(text) } else { text.to_owned() };
    Uri::from_str(&format!("file://{}", utf8_percent_encode(&text, ESCAPED))).ok()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_drive_stands_behind_a_slash() {
        assert_eq!(on_drive("/c:/quay/ferry.c"), "c:\\quay\\ferry.c");
        assert_eq!(of_drive("C:\\quay\\ferry.c"), "/C:/quay/ferry.c");
        assert_eq!(on_drive(&of_drive("Z:\\a b\\x.rs")), "Z:\\a b\\x.rs");
    }

    #[test]
    #[cfg(unix)]
    fn a_path_comes_back_whatever_is_in_it() {
        for text in ["/quay/ferry.c", "/a b/ü#[1]/100%/x?.rs"] {
            let uri = of(Path::new(text)).unwrap();
            assert_eq!(path(&uri), Some(PathBuf::from(text)), "{}", uri.as_str());
        }
        assert_eq!(path(&Uri::from_str("untitled:Untitled-1").unwrap()), None);
        let host = Uri::from_str("file://localhost/quay/ferry.c").unwrap();
        assert_eq!(path(&host), Some(PathBuf::from("/quay/ferry.c")));
    }
}
