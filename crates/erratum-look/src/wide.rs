//! Output that was saved in UTF-16, as a Windows shell writes it into a file.

use encoding_rs::{Encoding, UTF_16BE, UTF_16LE};
use encoding_rs_io::DecodeReaderBytesBuilder;
use std::io::{self, Read};

/// How much of a text is looked at to tell how it is written, in bytes.
const START: usize = 64;

/// Returns the same text in UTF-8 where it is written in UTF-16; else its bytes as they are.
///
/// # Errors
/// When its start cannot be read.
pub(crate) fn narrowed(mut input: impl Read) -> io::Result<impl Read> {
    let mut start = Vec::with_capacity(START);
    input.by_ref().take(START as u64).read_to_end(&mut start)?;
    let encoding = encoding(&start);
    let whole = io::Cursor::new(start).chain(input);
    // A mark at the start of the text says more than its look.
    Ok(DecodeReaderBytesBuilder::new().encoding(encoding).bom_override(true).build(whole))
}

/// The form of UTF-16 in which a text without a mark is written: nearly all that compilers say is ASCII,
/// so every second byte is 0.
fn encoding(start: &[u8]) -> Option<&'static Encoding> {
    let zeros =
        |at: usize| start.chunks_exact(2).filter(|pair| pair[at] == 0 && pair[1 - at] != 0).count();
    let most = start.len() / 2 * 3 / 4;
    let wide = |at: usize| start.len() >= 8 && zeros(at) >= most;
    if wide(1) {
        Some(UTF_16LE)
    } else if wide(0) {
        Some(UTF_16BE)
    } else {
        None
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn text(bytes: &[u8]) -> Vec<u8> {
        let mut all = Vec::new();
        narrowed(bytes).unwrap().read_to_end(&mut all).unwrap();
        all
    }

    #[test]
    fn wide_letters_are_read_with_a_mark_and_without() {
        let said = "tide.c(3): error C2143: Syntaxfehler: es fehlt \u{201e};\u{201c} vor \u{201e}return\u{201c}\r\n";
        let units: Vec<u16> = said.encode_utf16().collect();
        let little: Vec<u8> = units.iter().flat_map(|unit| unit.to_le_bytes()).collect();
        let big: Vec<u8> = units.iter().flat_map(|unit| unit.to_be_bytes()).collect();
        for bytes in [
            little.clone(),
            big.clone(),
            [&[0xff, 0xfe], &little[..]].concat(),
            [&[0xfe, 0xff], &big[..]].concat(),
        ] {
            assert_eq!(String::from_utf8(text(&bytes)).unwrap(), said);
        }
    }

    #[test]
    fn other_bytes_stay_as_they_are() {
        let zeros = [0; 10];
        for bytes in [&b""[..], b"a", b"tide.c:3:1: error: \xfcber", &zeros, &[0, 1, 2, 0, 0, 9]] {
            assert_eq!(text(bytes), bytes);
        }
    }
}
