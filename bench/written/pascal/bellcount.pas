program bellcount;
uses sysutils⟪⟶;⟫

const
  Size = 8;
  Marks: array[0..2] of char = ('.', 'o'⟪⟶, 'x'⟫);

type
  Grid = array[1..Size, 1..Size] of integer;
  Watch = (first, middle, ⟪Morning watch⟶morning⟫);

var
  g: Grid;
  row, col, bells: integer;
  name: string[20];
  w: Watch;
  done: ⟪bool⟶boolean⟫;

function Count(const g: Grid; mark: integer): integer;
var
  r, c, n: integer;
begin
  ⟪n := 0⟶n := 0;⟫
  for r := 1 to Size do
    for c := 1 to Size do
      if g[r, c] = mark then
        Inc(n);
  ⟪return n⟶Count := n⟫;
end;

procedure Ring(times: integer⟪,⟶;⟫ w: Watch);
var k: integer;
begin
  for k := 1 to times do
  begin
    case w of
      first: write('ding ')⟪,⟶;⟫
      middle: write('dong ');
      morning: ⟪print⟶write⟫('dang ');
    end;
  end;
  writeln;
end;

procedure Fill(var g: Grid);
begin
  for row := 1 to Size do
    for col := 1 to Size do
      g[row, col] := (row + col) ⟪%⟶mod⟫ 3;
end;

begin
  Fill(g);
  bells := Count(⟪g⟶g, 1⟶g, 2⟶g, 0⟫);
  done := false;
  w := first;
  ⟪while not done⟶while not done do⟫
  begin
    Ring(bells div 4, w);
    if w ⟪==⟶=⟫ morning then
      done := true
    else
      w := ⟪w + 1⟶succ(w)⟫;
  end;
  name := 'watch ⟪⟶'⟫;
  writeln(name, bells⟪:3:1⟶:3⟶⟫);
  ⟪read_line⟶readln⟫(name);
  if length(name) > 3 ⟪and⟶then⟫ writeln(name[1]);
  repeat
    bells := bells - 1;
  until bells ⟪=<⟶<=⟫ 0;
  for row := 1 to Size do
    write(Marks[g[row, 1]]);
end.
