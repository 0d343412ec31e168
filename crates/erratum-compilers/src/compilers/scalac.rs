//! The compiler of Scala 2.

use super::jvm::{FLAGS, Jvm, Own};
use super::{JAVA, Kind, Stays};
use crate::resident::{self, Host, Prepare};
use erratum_syntax::newer;
use std::path::{Path, PathBuf};

pub(super) static SCALAC: Kind = Kind {
    name: "scalac",
    knows: |version| Some(newer::version(version)),
    language: "scala",
    version: &["-version"],
    install: "On Debian and Ubuntu: `apt install scala`.",
    note: "kept running for the length of a command",
    check: &[
        "-J-Duser.language=en",
        "-deprecation",
        "-feature",
        "-unchecked",
        "-Ystop-after:refchecks",
        "-d",
        ".",
    ],
    stays: Some(Stays::Helper(&HOST)),
    runs_on: Some(JAVA),
    ..super::PLAIN
};

static HOST: Host = Host {
    file: "ResidentScala.java",
    source: concat!(
        include_str!("../resident/ResidentScala.java"),
        include_str!("../resident/Serve.java")
    ),
    command: |scalac, work| Ok(jvm(scalac)?.command(work)),
    prepare: Some(Prepare {
        what: "the start of scalac",
        flags: FLAGS,
        with: Some(OFFERED),
        from: |scalac| {
            let mut jvm = jvm(scalac)?;
            jvm.java = crate::toolbox::which(&jvm.java).ok_or("java is not here")?;
            Ok(jvm.files())
        },
        make: |scalac, helper, folder| jvm(scalac)?.prepare(helper, SAMPLES, folder),
    }),
    joined: true,
    ..resident::PLAIN
};

fn jvm(scalac: &Path) -> Result<Jvm, String> {
    let libraries = libraries(scalac).ok_or("has no libraries beside it")?;
    let own = Own { compiler: scalac.to_owned(), file: "Offered.scala", source: OFFERED };
    Ok(Jvm { java: PathBuf::from("java"), libraries, export: None, own: Some(own) })
}

/// How the helper reads the classes of the JDK. It has to extend a class that Java cannot extend.
const OFFERED: &str = include_str!("../resident/Offered.scala");

/// The libraries of a scalac, which stand in a folder beside it or, on Debian, in the one for Java.
/// The JVM wants them in the same order each time.
fn libraries(scalac: &Path) -> Option<Vec<PathBuf>> {
    let beside = scalac.parent()?.parent()?.join("lib");
    let debian = Path::new("/usr/share/scala/lib");
    let folder =
        [beside.as_path(), debian].into_iter().find(|f| f.join("scala-compiler.jar").is_file())?;
    let files = std::fs::read_dir(folder).ok()?.flatten().map(|entry| entry.path());
    let mut jars: Vec<PathBuf> =
        files.filter(|path| path.extension().is_some_and(|e| e == "jar")).collect();
    jars.sort();
    Some(jars)
}

/// What is checked to see which classes a check needs: one program with an error of its syntax, the
/// others with errors of names and types.
const SAMPLES: &[(&str, &str)] = &[
    ("Quay.scala", "object Quay {\n  val berths = List(3, 4\n}\n"),
    (
        "Ferry.scala",
        "import scala.collection.mutable.ListBuffer\n\n\
         sealed trait Tide\ncase object Low extends Tide\ncase class High(metres: Double) extends Tide\n\n\
         class Ferry(val name: String, seats: Map[String, Int]) {\n\
         \x20 private val log = ListBuffer[String]()\n\n\
         \x20 def free(tide: Tide): Option[Int] = tide match {\n    case Low => None\n\
         \x20   case High(metres) if metres > 2.5 => Some(seats.values.sum)\n    case _ => Some(0)\n  }\n\n\
         \x20 def sail(): Unit = for ((quay, count) <- seats if count > 0) {\n\
         \x20   log += s\"$name from $quay\"\n    println(f\"${count * 1.5}%.2f\")\n  }\n\n\
         \x20 def wrong: Int = tdie + \"x\"\n  def other: String = 3\n}\n",
    ),
    ("Lock.scala", include_str!("../resident/samples/Lock.scala")),
];
