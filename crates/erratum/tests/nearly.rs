//! Forms that are nearly those of the language: several in one program, each told on its line with the change that
//! mends it.

mod support;

use support::told::check;

#[test]
fn cpp() {
    check(
        "g++",
        "lamps.cpp",
        "\
         #include <algorithm>\n\
         #include <memory>\n\
         #include <string>\n\
         #include <vector>\n\
         namespace lamps {\n\
         struct Entry { std::string place; int hours; };\n\
         class Lamp {\n\
         public:\n\
         \x20   virtual ~Lamp() = default;\n\
         \x20   virtual double burn(int hours) const = 0;\n\
         };\n\
         class GasLamp : public Lamp {\n\
         public:\n\
         \x20   GasLamp(double rate) { rate_(rate) }\n\
         \x20   double burn(int hours) const override { return hours * rate_; }\n\
         private:\n\
         \x20   double rate_;\n\
         };\n\
         class Ledger {\n\
         public:\n\
         \x20   const Entry* find(const std::string& place) const {\n\
         \x20       auto it = std::find_if(entries_.begin(), entries_.end(),\n\
         \x20           [&](const Entry& e) { return e.place == place; });\n\
         \x20       return it == entries_.end() ? nullptr : it;\n\
         \x20   }\n\
         private:\n\
         \x20   std::vector<Entry> entries_;\n\
         };\n\
         }\n\
         int main() {\n\
         \x20   std::vector<std::unique_ptr<lamps::Lamp>> all;\n\
         \x20   all.push_back(new lamps::GasLamp(0.2));\n\
         \x20   lamps::Ledger ledger;\n\
         \x20   const Entry* found = ledger.find(\"Slip\");\n\
         \x20   return found->hours + static_cast<int>(all[0]->burn(3));\n\
         }\n\
         ",
        &[
            (14, ": rate_(rate) {}"),
            (24, "`&*`"),
            (32, "`std::make_unique<lamps::GasLamp>`"),
            (34, "`lamps::`"),
        ],
    );
}

#[test]
fn java() {
    check(
        "javac",
        "Eel.java",
        "\
         import java.util.*;\n\
         abstract class Lot implements Comparable<Lot> {\n\
         \x20   protected final int number;\n\
         \x20   Lot(int number) { this.number = number; }\n\
         \x20   public int compareTo(Lot other) {\n\
         \x20       return number.compareTo(other.number);\n\
         \x20   }\n\
         }\n\
         class EelLot extends Lot {\n\
         \x20   private final boolean smoked;\n\
         \x20   void EelLot(int number, boolean smoked) {\n\
         \x20       super(number);\n\
         \x20       this.smoked = smoked;\n\
         \x20   }\n\
         \x20   boolean smoked() { return smoked; }\n\
         }\n\
         class Eel {\n\
         \x20   private final List<Lot> lots = new ArrayList<>();\n\
         \x20   private final Map<String, Integer> bids = new HashMap<>();\n\
         \x20   Eel offer(Lot lot) {\n\
         \x20       lots.add(lot);\n\
         \x20       return;\n\
         \x20   }\n\
         \x20   int bid(String who) { return bids.get(who, 0); }\n\
         \x20   String name(int lot) {\n\
         \x20       return \"lot \" . lot . \" of \" . lots.size();\n\
         \x20   }\n\
         \x20   public static void main(String[] args) {\n\
         \x20       Lot lot = new EelLot(3, true);\n\
         \x20       Eel eel = new Eel().offer(lot);\n\
         \x20       if (lot instance of EelLot) System.out.println(eel.bid(\"Ole\") + eel.name(3));\n\
         \x20   }\n\
         }\n\
         ",
        &[
            (6, "`Integer.compare(number, other.number)`"),
            (11, "`void`"),
            (22, "`this`"),
            (24, "`getOrDefault`"),
            (26, "`+`"),
            (31, "`instanceof`"),
        ],
    );
}

#[test]
fn csharp() {
    check(
        "mcs",
        "Shop.cs",
        "\
         using System;\n\
         using System.Collections.Generic;\n\
         enum Ware { Rope, Lamp, Net; }\n\
         interface IStock {\n\
         \x20   int Count(Ware ware);\n\
         \x20   public void Add(Ware ware, int amount);\n\
         }\n\
         class Shop : IStock {\n\
         \x20   readonly Dictionary<Ware, int> stock = new Dictionary<Ware, int>();\n\
         \x20   public int Count(Ware ware) { return stock[ware]; }\n\
         \x20   public void Add(Ware ware, int amount) {\n\
         \x20       stock.ware += amount;\n\
         \x20   }\n\
         \x20   public IEnumerable<Ware> Empty() {\n\
         \x20       foreach (Ware ware in Enum.GetValues(typeof(Ware)))\n\
         \x20           if (Count(ware) == 0) yield ware;\n\
         \x20   }\n\
         \x20   static void Main() {\n\
         \x20       new Shop().Add(Ware.Rope, 3);\n\
         \x20   }\n\
         }\n\
         ",
        &[(3, "`;`"), (6, "`public`"), (12, "`[ware]`"), (16, "`return`")],
    );
}

#[test]
fn scala() {
    check(
        "scalac",
        "Harbour.scala",
        "\
         import scala.collection.mutable.ArrayBuffer\n\
         abstract class Signal(val code: String) {\n\
         \x20 def text: String\n\
         \x20 def urgent: Boolean = false\n\
         }\n\
         class Gale(force: Int) extends Signal(\"G\") {\n\
         \x20 def text = s\"gale $force\"\n\
         \x20 override urgent: Boolean = force > 8\n\
         }\n\
         class Pond(val area: Double, val name: String)\n\
         object Harbour {\n\
         \x20 def grade(area: Double): String = if (area > 3) \"big\" else \"small\"\n\
         \x20 def main(args: Array[String]): Unit = {\n\
         \x20   val sent = ArrayBuffer[Signal]()\n\
         \x20   sent << new Gale(3)\n\
         \x20   var count = 0\n\
         \x20   ++count\n\
         \x20   val pond = new Pond(3.5, \"low\")\n\
         \x20   println(grade(pond))\n\
         \x20   println(pond.getName)\n\
         \x20   val bids = Map(1 -> List(2))\n\
         \x20   println(bids.get(1, Nil))\n\
         \x20   val r = 3.0\n\
         \x20   println(3.1 * r ^ 2)\n\
         \x20   println(bids.map { case (who, all) -> who -> all.size })\n\
         \x20 }\n\
         }\n\
         ",
        &[
            (8, "`def`"),
            (15, "`+=`"),
            (17, "`count += 1`"),
            (19, "`.area`"),
            (20, "`name`"),
            (22, "`getOrElse`"),
            (24, "`* r`"),
            (25, "`=>`"),
        ],
    );
}

#[test]
fn go() {
    check(
        "go",
        "tower.go",
        "\
         package main\n\
         \n\
         import \"fmt\"\n\
         \n\
         type Note struct {\n\
         \tpitch  string\n\
         \tlength int\n\
         }\n\
         type Peal []Note\n\
         \n\
         func (p *Peal) Add(n Note) {\n\
         \tp = append(*p, n)\n\
         }\n\
         \n\
         type Tower struct {\n\
         \tpeals map[string]Peal\n\
         }\n\
         \n\
         func (t *Tower) Ring(name string) (int error) {\n\
         \tpeal, ok := t.peals[name]\n\
         \tif !ok {\n\
         \t\treturn 0, fmt.Errorf(\"silent\")\n\
         \t}\n\
         \treturn len(peal), nil\n\
         }\n\
         \n\
         func (t *Tower) Close() err {\n\
         \treturn nil\n\
         }\n\
         \n\
         func cut(part string) string {\n\
         \treturn part[:-1]\n\
         }\n\
         \n\
         func make() *Note {\n\
         \treturn &Note{pitch: \"c\", length: 2}\n\
         }\n\
         \n\
         func main() {\n\
         \tt := Tower{}\n\
         \tvar best float64 = null\n\
         \tfmt.Printf(\"%.1f\\n\" % best)\n\
         \tfmt.Println(cut(\"noon\"), t.Close(), make())\n\
         }\n\
         ",
        &[(12, "`*`"), (19, "`,`"), (27, "`error`"), (32, "`len(part)`"), (41, "`0`"), (42, "`,`")],
    );
}

#[test]
fn haskell() {
    check(
        "ghc",
        "Ways.hs",
        "\
         import qualified Data.Map as Map\n\
         data Problem = Dry | Bad String deriving Show\n\
         type Plan = Map.Map Int [String]\n\
         \n\
         plan :: [(Int, String)] -> Plan\n\
         plan xs = Map.fromListWith (++) [(d, [s]) | (d, s) <- xs]\n\
         \n\
         check :: String -> Either Problem Int\n\
         check text\n\
         \x20 | null text = Dry\n\
         \x20 | otherwise = Right (length text)\n\
         \n\
         pick :: Int -> Int -> Int\n\
         pick a b\n\
         \x20 | if a >= b = a\n\
         \x20 | otherwise = b\n\
         \n\
         main :: IO ()\n\
         main = do\n\
         \x20 p <- plan [(1, \"a\")]\n\
         \x20 print (Map.size p)\n\
         \x20 print (check \"x\", pick 3 4)\n\
         ",
        &[(10, "`Left`"), (15, "`if`"), (20, "`let`")],
    );
}

#[test]
fn pascal() {
    check(
        "fpc",
        "pay.pas",
        "\
         program pay;\n\
         {$mode objfpc}\n\
         type\n\
         \x20 PWorker^ = TWorker;\n\
         \x20 TGrade = (grDeck, grBridge);\n\
         \x20 TWorker = record\n\
         \x20   Name: string;\n\
         \x20   Grade: TGrade;\n\
         \x20   Next: PWorker;\n\
         \x20 end;\n\
         function Factor(G: TGrade): Real;\n\
         begin\n\
         \x20 if G = grDeck then Result := 1.0 else Result := 1.5;\n\
         end;\n\
         procedure Print(const W: TWorker);\n\
         begin\n\
         \x20 WriteLn(W.Name Factor(W.Grade):0:2, ' for');\n\
         end;\n\
         var\n\
         \x20 W: TWorker;\n\
         \x20 g: TGrade;\n\
         begin\n\
         \x20 W.Name := 'Ole';\n\
         \x20 W.Grade := grDeck;\n\
         \x20 W.Next := nil;\n\
         \x20 g := grDeck;\n\
         \x20 g := g + 1;\n\
         \x20 W.Grade := g;\n\
         \x20 WriteLn(Factor(W));\n\
         \x20 Print(W);\n\
         end.\n\
         ",
        &[(4, "`^`"), (17, "`,`"), (27, "`succ(g)`"), (29, "`.Grade`")],
    );
}

#[test]
fn rust() {
    check(
        "rustc",
        "gusts.rs",
        "\
         #[derive(Clone, Copy)]\n\
         struct Gust {\n\
         \x20   knots: f32,\n\
         }\n\
         fn peak(gusts: &[Gust]) -> Option<Gust> {\n\
         \x20   let mut peak: Gust = None;\n\
         \x20   for gust in gusts {\n\
         \x20       peak = match peak {\n\
         \x20           Some(p) if p.knots >= gust.knots => Some(p),\n\
         \x20           _ => Some(*gust),\n\
         \x20       };\n\
         \x20   }\n\
         \x20   peak\n\
         }\n\
         fn most(tides: &[f64]) -> f64 {\n\
         \x20   let mut best = 0.0;\n\
         \x20   for tide in tides {\n\
         \x20       if tide > best {\n\
         \x20           best = *tide;\n\
         \x20       }\n\
         \x20   }\n\
         \x20   best\n\
         }\n\
         fn force(n: u32) -> u32 {\n\
         \x20   match n {\n\
         \x20       1 => 2,\n\
         \x20       else => 3,\n\
         \x20   }\n\
         }\n\
         fn main() {\n\
         \x20   let gusts = vec![Gust { knots: 3.0 }];\n\
         \x20   println!(\"{.1f}\", peak(&gusts).unwrap().knots);\n\
         \x20   println!(\"{} {}\", most(&[1.0, 2.0]), force(3));\n\
         }\n\
         ",
        &[(6, "`Option<`"), (18, "`*`"), (27, "`_`"), (32, "`:.1`")],
    );
}

#[test]
fn typescript() {
    check(
        "tsc",
        "list.ts",
        "\
         export {};\n\
         interface Item<T> {\n\
         \x20   value: T;\n\
         \x20   next: Item<T> | null;\n\
         }\n\
         class List<T> {\n\
         \x20   head: Item<T> | null = null;\n\
         \x20   first(head: Item<T>): T {\n\
         \x20       return head;\n\
         \x20   }\n\
         \x20   all(): T[] {\n\
         \x20       const out = T[];\n\
         \x20       for (let at = this.head; at !== null; at = at.next) {\n\
         \x20           out.push(at.value);\n\
         \x20       }\n\
         \x20       return out;\n\
         \x20   }\n\
         }\n\
         interface Boat {\n\
         \x20   name: string;\n\
         \x20   hour: number;\n\
         }\n\
         const boats = new List(Boat)();\n\
         const hours = boats.all().map(function(b) => b.hour);\n\
         console.log(hours[0].padStart(2, \"0\"));\n\
         const names = boats.all().map(b => \"boat \" . b.name);\n\
         console.log(names.length);\n\
         ",
        &[
            (9, "`.value`"),
            (12, "`: T[] = []`"),
            (23, "`<`"),
            (24, "`function`"),
            (25, "`String(`"),
            (26, "`+`"),
        ],
    );
}
