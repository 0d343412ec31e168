import java.net.URI
import java.nio.file.{FileSystems, Files, Path}
import scala.collection.JavaConverters._
import scala.reflect.io.AbstractFile

/** A package or a class of the JDK (from 9 on), read when it is asked for. */
class Offered(val path: String, at: Option[Path]) extends AbstractFile {
  private val parts = path.stripSuffix("/")

  def name: String = parts.substring(parts.lastIndexOf('/') + 1)
  def isDirectory: Boolean = at.isEmpty
  def input: java.io.InputStream = Files.newInputStream(at.get)

  def iterator: Iterator[AbstractFile] = {
    val within = Offered.packages.within(path).map(new Offered(_, None))
    (within ++ Offered.packages.classes(path).map(one => new Offered(path + one.getFileName, Some(one)))).iterator
  }

  def lookupName(name: String, directory: Boolean): AbstractFile =
    iterator.find(one => one.name == name && one.isDirectory == directory).orNull

  def lookupNameUnchecked(name: String, directory: Boolean): AbstractFile = lookupName(name, directory)
  def container: AbstractFile = new Offered(parts.substring(0, parts.lastIndexOf('/') + 1), None)
  def absolute: AbstractFile = this
  def file: java.io.File = null
  def lastModified: Long = 0
  def output: java.io.OutputStream = throw new UnsupportedOperationException
  def create(): Unit = throw new UnsupportedOperationException
  def delete(): Unit = throw new UnsupportedOperationException
}

/** The packages of the JDK that runs this. All compilers share them. */
object Offered {
  lazy val packages = new Packages

  /** The folder above all packages. */
  def root: AbstractFile = new Offered("", None)
}

class Packages {
  private val jdk = FileSystems.getFileSystem(URI.create("jrt:/"))
  private val all: Map[String, List[String]] = {
    val paths = children(jdk.getPath("/packages")).map(_.getFileName.toString.replace('.', '/'))
    paths.groupBy(one => one.substring(0, one.lastIndexOf('/') + 1))
  }

  private def children(folder: Path): List[Path] =
    if (!Files.isDirectory(folder)) Nil
    else {
      val stream = Files.newDirectoryStream(folder)
      try stream.asScala.toList finally stream.close()
    }

  /** The packages right within one, which ends with a slash or is empty. */
  def within(path: String): List[String] = all.getOrElse(path, Nil).map(_ + "/")

  /** The classes right within one. */
  def classes(path: String): List[Path] = {
    val modules = children(jdk.getPath("/packages", path.stripSuffix("/").replace('/', '.')))
    val folders = modules.map(module => jdk.getPath("/modules", module.getFileName.toString, path))
    folders.filter(_ => path.nonEmpty).flatMap(children).filter(_.toString.endsWith(".class"))
  }
}
