//! The database: episodes, and counts of them by week.

use super::spool::{Noted, Taken};
use super::{Kind, SCHEMA, Summary};
use rusqlite::{Connection, OptionalExtension, Transaction, params};
use std::collections::HashSet;
use std::fs;
use std::path::{Path, PathBuf};
use std::time::Duration;

/// Its file.
pub(super) const FILE: &str = "journal.db";

/// The version of its tables. A database of a later one is left alone.
const VERSION: i64 = 1;

/// How many weeks a trend has.
pub const WEEKS: u64 = 12;

const DAY: u64 = 24 * 60 * 60;

/// How far a mistake may move between two looks and still be the same one, in lines.
const MOVED: u32 = 10;

/// How finely the seconds of an episode are counted: this many steps for each doubling.
const STEPS: f64 = 4.0;

/// Why the journal cannot be shown.
#[derive(Debug, thiserror::Error)]
pub enum StoreError {
    /// The database fails.
    #[error("the journal cannot be read: {0}")]
    Database(#[from] rusqlite::Error),
    /// Its folder fails.
    #[error("the journal cannot be kept: {0}")]
    Files(#[from] std::io::Error),
    /// It was written by a later version.
    #[error("the journal was written by a later version of Erratum")]
    Later,
}

/// The journal of one user.
pub struct Store {
    connection: Connection,
    folder: PathBuf,
    /// Where a damaged one was put, if this is a new one in its place.
    pub damaged: Option<PathBuf>,
}

impl Store {
    /// Opens the journal in a folder, and makes one if there is none. One that is damaged is put aside.
    ///
    /// # Errors
    /// [`StoreError`].
    pub fn open(folder: &Path) -> Result<Store, StoreError> {
        super::spool::make(folder)?;
        let path = folder.join(FILE);
        let (connection, damaged) = match connect(&path) {
            Err(StoreError::Database(error)) if is_damage(&error) => {
                let aside = (1..)
                    .map(|number: u32| folder.join(format!("journal.damaged-{number}.db")))
                    .find(|aside| !aside.exists())
                    .unwrap_or_else(|| folder.join("journal.damaged.db"));
                fs::rename(&path, &aside)?;
                for tail in ["journal.db-wal", "journal.db-shm"] {
                    let _ = fs::remove_file(folder.join(tail));
                }
                (connect(&path)?, Some(aside))
            }
            other => (other?, None),
        };
        Ok(Store { connection, folder: folder.to_owned(), damaged })
    }

    /// Takes over what looks have added since.
    ///
    /// # Errors
    /// [`StoreError`].
    pub fn merge(&mut self) -> Result<(), StoreError> {
        // Who has this has the spool, too.
        let transaction =
            self.connection.transaction_with_behavior(rusqlite::TransactionBehavior::Immediate)?;
        let Some(taken) = Taken::of(&self.folder)? else {
            transaction.commit()?;
            return Ok(());
        };
        let print = taken.print();
        let last: Option<String> = transaction
            .query_row("SELECT value FROM facts WHERE name = 'merged'", [], |row| row.get(0))
            .optional()?;
        // Cut short between the commit and the removal, they are in already.
        if last.as_deref() != Some(print.as_str()) {
            for noted in taken.lines() {
                merge_one(&transaction, &noted)?;
            }
            transaction.execute(
                "INSERT OR REPLACE INTO facts (name, value) VALUES ('merged', ?1)",
                [print],
            )?;
        }
        transaction.commit()?;
        taken.done()?;
        // Lines that were left taken came first; others may have been added since.
        if spooled(&self.folder) { self.merge() } else { Ok(()) }
    }

    /// What there is to show, of one language or of all; trends end with the week of `now`.
    ///
    /// # Errors
    /// [`StoreError`].
    pub fn summary(&self, language: Option<&str>, now: u64) -> Result<Summary, StoreError> {
        let this = now / DAY / 7;
        let first = (this + 1).saturating_sub(WEEKS);
        let weeks: Vec<u64> = (first..=this).map(|week| week * 7).collect();
        let mut kinds: Vec<Kind> = Vec::new();
        let mut rows = self.connection.prepare_cached(
            "SELECT kind, week, SUM(made), SUM(hidden), SUM(gone), SUM(mended) FROM weeks
             WHERE ?1 IS NULL OR language = ?1 GROUP BY kind, week ORDER BY kind, week",
        )?;
        let mut rows = rows.query([language])?;
        while let Some(row) = rows.next()? {
            let mistake: String = row.get(0)?;
            let week = number(row.get(1)?);
            if kinds.last().is_none_or(|last| last.mistake != mistake) {
                let trend = vec![0; weeks.len()];
                kinds.push(Kind { mistake, trend, ..Kind::default() });
            }
            let Some(kind) = kinds.last_mut() else { continue };
            let made = number(row.get(2)?);
            kind.made += made;
            kind.hidden += number(row.get(3)?);
            kind.gone += number(row.get(4)?);
            kind.mended += number(row.get(5)?);
            let at = week.checked_sub(first).and_then(|at| usize::try_from(at).ok());
            if let Some(count) = at.and_then(|at| kind.trend.get_mut(at)) {
                *count += made;
            }
        }
        for kind in &mut kinds {
            kind.seconds = self.median(&kind.mistake, language)?;
        }
        kinds.sort_by(|a, b| b.made.cmp(&a.made).then_with(|| a.mistake.cmp(&b.mistake)));
        let (made, gone) =
            kinds.iter().fold((0, 0), |(made, gone), kind| (made + kind.made, gone + kind.gone));
        Ok(Summary { schema: SCHEMA, made, gone, weeks, kinds })
    }

    fn median(&self, kind: &str, language: Option<&str>) -> Result<Option<u64>, StoreError> {
        let mut rows = self.connection.prepare_cached(
            "SELECT step, SUM(count) FROM spans
             WHERE kind = ?1 AND (?2 IS NULL OR language = ?2) GROUP BY step ORDER BY step",
        )?;
        let rows = rows.query_map(params![kind, language], |row| Ok((row.get(0)?, row.get(1)?)))?;
        let steps: Vec<(i64, i64)> = rows.collect::<Result<_, _>>()?;
        let all: i64 = steps.iter().map(|(_, count)| count).sum();
        let mut seen = 0;
        for (step, count) in steps {
            seen += count;
            if 2 * seen >= all {
                return Ok(Some(((step as f64 / STEPS).exp2() - 1.0).round() as u64));
            }
        }
        Ok(None)
    }

    /// Forgets episodes: all, those of a language, or those that were first seen before a time.
    ///
    /// # Errors
    /// [`StoreError`].
    pub fn forget(
        &mut self,
        language: Option<&str>,
        before: Option<u64>,
    ) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        let before = before.map(|time| signed(time / DAY / 7));
        transaction.execute(
            "DELETE FROM weeks WHERE (?1 IS NULL OR language = ?1) AND (?2 IS NULL OR week < ?2)",
            params![language, before],
        )?;
        transaction.execute(
            "DELETE FROM episodes WHERE (?1 IS NULL OR language = ?1)
             AND (?2 IS NULL OR first / 604800 < ?2)",
            params![language, before],
        )?;
        // How long episodes took is not kept by week.
        transaction.execute(
            "DELETE FROM spans WHERE (?1 IS NULL OR language = ?1) AND ?2 IS NULL",
            params![language, before],
        )?;
        transaction.commit()?;
        self.connection.execute_batch("VACUUM")?;
        Ok(())
    }
}

fn spooled(folder: &Path) -> bool {
    folder.join("journal.jsonl").exists() || folder.join("journal.taken").exists()
}

fn connect(path: &Path) -> Result<Connection, StoreError> {
    let mut connection = Connection::open(path)?;
    connection.busy_timeout(Duration::from_secs(5))?;
    let version: i64 = connection.query_row("PRAGMA user_version", [], |row| row.get(0))?;
    if version > VERSION {
        return Err(StoreError::Later);
    }
    if version < 1 {
        let transaction = connection.transaction()?;
        transaction.execute_batch(TABLES)?;
        transaction.execute_batch("PRAGMA user_version = 1")?;
        transaction.commit()?;
    }
    // A page that is no page any more is found when it is read.
    connection.query_row("SELECT COUNT(*) FROM facts", [], |_| Ok(()))?;
    Ok(connection)
}

const TABLES: &str = "
CREATE TABLE IF NOT EXISTS facts (name TEXT PRIMARY KEY, value TEXT NOT NULL) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS episodes (
    id INTEGER PRIMARY KEY, language TEXT NOT NULL, kind TEXT NOT NULL, place INTEGER NOT NULL,
    line INTEGER NOT NULL, hidden INTEGER NOT NULL, first INTEGER NOT NULL, last INTEGER NOT NULL,
    gone INTEGER, mended INTEGER NOT NULL DEFAULT 0);
CREATE INDEX IF NOT EXISTS open_episodes ON episodes (place) WHERE gone IS NULL;
CREATE TABLE IF NOT EXISTS weeks (
    kind TEXT NOT NULL, language TEXT NOT NULL, week INTEGER NOT NULL, made INTEGER NOT NULL,
    hidden INTEGER NOT NULL, gone INTEGER NOT NULL, mended INTEGER NOT NULL,
    PRIMARY KEY (kind, language, week)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS spans (
    kind TEXT NOT NULL, language TEXT NOT NULL, step INTEGER NOT NULL, count INTEGER NOT NULL,
    PRIMARY KEY (kind, language, step)) WITHOUT ROWID;
";

fn is_damage(error: &rusqlite::Error) -> bool {
    let code = error.sqlite_error_code();
    matches!(code, Some(rusqlite::ErrorCode::NotADatabase | rusqlite::ErrorCode::DatabaseCorrupt))
}

struct Open {
    id: i64,
    kind: String,
    line: u32,
    first: u64,
}

/// Takes one look over: what it sees goes on or begins, what it no longer sees is gone.
fn merge_one(transaction: &Transaction, noted: &Noted) -> Result<(), StoreError> {
    if noted.mend {
        return mended(transaction, noted);
    }
    let mut open = open_episodes(transaction, noted.place)?;
    let mut taken: HashSet<i64> = HashSet::new();
    for (kind, line, hidden) in &noted.roots {
        let near = open
            .iter()
            .filter(|one| one.kind == *kind && !taken.contains(&one.id))
            .filter(|one| one.line.abs_diff(*line) <= MOVED)
            .min_by_key(|one| one.line.abs_diff(*line));
        if let Some(one) = near {
            taken.insert(one.id);
            transaction
                .prepare_cached("UPDATE episodes SET line = ?1, last = ?2 WHERE id = ?3")?
                .execute(params![line, signed(noted.time), one.id])?;
            continue;
        }
        transaction
            .prepare_cached(
                "INSERT INTO episodes (language, kind, place, line, hidden, first, last)
                 VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?6)",
            )?
            .execute(params![
                noted.language,
                kind,
                noted.place,
                line,
                hidden,
                signed(noted.time)
            ])?;
        taken.insert(transaction.last_insert_rowid());
        count(transaction, noted, kind, [1, i64::from(*hidden), 0, 0])?;
    }
    open.retain(|one| !taken.contains(&one.id));
    for one in open {
        let by: i64 = transaction
            .prepare_cached("UPDATE episodes SET gone = ?1 WHERE id = ?2 RETURNING mended")?
            .query_row(params![signed(noted.time), one.id], |row| row.get(0))?;
        count(transaction, noted, &one.kind, [0, 0, 1, by])?;
        let seconds = noted.time.saturating_sub(one.first) as f64;
        let step = ((seconds + 1.0).log2() * STEPS).floor() as i64;
        transaction
            .prepare_cached(
                "INSERT INTO spans (kind, language, step, count) VALUES (?1, ?2, ?3, 1)
                 ON CONFLICT DO UPDATE SET count = count + 1",
            )?
            .execute(params![one.kind, noted.language, step])?;
    }
    Ok(())
}

/// Notes that Erratum mended mistakes: the next look finds them gone.
fn mended(transaction: &Transaction, noted: &Noted) -> Result<(), StoreError> {
    for one in open_episodes(transaction, noted.place)? {
        let meant = noted
            .roots
            .iter()
            .any(|(kind, line, _)| *kind == one.kind && one.line.abs_diff(*line) <= MOVED);
        if meant {
            transaction
                .prepare_cached("UPDATE episodes SET mended = 1 WHERE id = ?1")?
                .execute([one.id])?;
        }
    }
    Ok(())
}

fn open_episodes(transaction: &Transaction, place: u32) -> Result<Vec<Open>, StoreError> {
    let mut rows = transaction.prepare_cached(
        "SELECT id, kind, line, first FROM episodes WHERE place = ?1 AND gone IS NULL",
    )?;
    let rows = rows.query_map([place], |row| {
        let first: i64 = row.get(3)?;
        Ok(Open { id: row.get(0)?, kind: row.get(1)?, line: row.get(2)?, first: number(first) })
    })?;
    Ok(rows.collect::<Result<_, _>>()?)
}

/// Adds to the week of a look: made, hidden, gone, mended.
fn count(
    transaction: &Transaction,
    noted: &Noted,
    kind: &str,
    [made, hidden, gone, mended]: [i64; 4],
) -> Result<(), StoreError> {
    transaction
        .prepare_cached(
            "INSERT INTO weeks (kind, language, week, made, hidden, gone, mended)
             VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7)
             ON CONFLICT DO UPDATE SET made = made + ?4, hidden = hidden + ?5,
                 gone = gone + ?6, mended = mended + ?7",
        )?
        .execute(params![
            kind,
            noted.language,
            signed(noted.time / DAY / 7),
            made,
            hidden,
            gone,
            mended
        ])?;
    Ok(())
}

fn number(value: i64) -> u64 {
    u64::try_from(value).unwrap_or(0)
}

fn signed(value: u64) -> i64 {
    i64::try_from(value).unwrap_or(i64::MAX)
}
