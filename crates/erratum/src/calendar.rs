//! Days, as people write them.

use crate::failure::Failure;

/// A day, as in 2026-03-01, in seconds since 1970.
///
/// # Errors
/// When it is none.
pub fn time(text: &str) -> Result<u64, Failure> {
    let parts: Vec<i64> = text.split('-').filter_map(|part| part.parse().ok()).collect();
    let day = match parts[..] {
        [year, month @ 1..=12, day @ 1..=31] if year >= 1970 && text.len() == 10 => {
            // Days from the civil calendar: years start in March, so that the leap day comes last.
            let (year, month) = if month > 2 { (year, month - 3) } else { (year - 1, month + 9) };
            let (era, of_era) = (year / 400, year % 400);
            let of_year = (153 * month + 2) / 5 + day - 1;
            era * 146_097 + of_era * 365 + of_era / 4 - of_era / 100 + of_year - 719_468
        }
        _ => return Err(Failure::said(format!("`{text}` is no day. Write it as 2026-03-01."))),
    };
    Ok(u64::try_from(day).unwrap_or(0) * 24 * 60 * 60)
}

/// A day since 1970 in the calendar.
pub fn day(days: u64) -> String {
    // The way back of `time`.
    let shifted = days + 719_468;
    let (era, of_era) = (shifted / 146_097, shifted % 146_097);
    let year_of_era = (of_era - of_era / 1460 + of_era / 36_524 - of_era / 146_096) / 365;
    let of_year = of_era - (365 * year_of_era + year_of_era / 4 - year_of_era / 100);
    let month = (5 * of_year + 2) / 153;
    let day = of_year - (153 * month + 2) / 5 + 1;
    let (month, turn) = if month < 10 { (month + 3, 0) } else { (month - 9, 1) };
    format!("{:04}-{month:02}-{day:02}", year_of_era + era * 400 + turn)
}

/// A time in the unit that fits.
pub fn span(seconds: u64) -> String {
    match seconds {
        0..=99 => format!("{seconds} s"),
        100..=5999 => format!("{} min", (seconds + 30) / 60),
        6000..=172_799 => format!("{} h", (seconds + 1800) / 3600),
        _ => format!("{} days", seconds / 86_400),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn days_of_the_calendar_come_back() {
        for text in ["1970-01-01", "2024-02-29", "2026-03-01", "2026-12-31", "2100-03-01"] {
            assert_eq!(day(time(text).unwrap() / 86_400), text);
        }
        assert_eq!(time("1970-01-02").unwrap(), 86_400);
        for text in ["", "2026-13-01", "01.03.2026", "2026-3-1", "2026-03-0x"] {
            assert!(time(text).is_err(), "{text}");
        }
    }

    #[test]
    fn times_have_the_unit_that_fits() {
        assert_eq!([5, 100, 7200, 200_000].map(span), ["5 s", "2 min", "2 h", "2 days"]);
    }
}
