program stowage;

const
  Rows = 4;
  Cols = 6;

type
  TGrid = array[1..Rows⟪;⟶,⟫ 1..Cols] of integer;

var
  grid: TGrid;
  r, c, free: integer;
  line: string;
  ⟪total real⟶total: real⟫;

procedure Clear(var g: TGrid);
var
  i, j: integer;
begin
  for i := 1 to Rows do
    for j := 1 to Cols do
      g[i, j] := 0
⟪end⟶end;⟫

function Place(var g: TGrid; tons: integer): boolean;
var
  i, j: integer;
begin
  Place := false;
  for i := 1 to Rows do
    for j := 1 to Cols do
      if ⟪g[i, j] = 0 and tons > 0⟶(g[i, j] = 0) and (tons > 0)⟫ then
      begin
        g[i, j] := tons;
        exit(true);
      end;
end;

function Mean(const g: TGrid): real;
var
  i, j, sum: integer;
begin
  sum := 0;
  for i := 1 to Rows do
    for j := 1 to Cols do
      sum := sum + g[i⟪)⟶,⟫ j];
  Mean := sum / (Rows * Cols);
end;

begin
  Clear(grid);
  for r := 1 to 5 do
    if not Place(grid, r * 10) then
      writeln('full');
  free := 0;
  for r := 1 to Rows do
  begin
    line := '';
    for c := 1 to Cols do
    begin
      if grid[r, c] ⟪==⟶=⟫ 0 then
        free ⟪:= free + '1'⟶:= free + 1⟫;
      line := line + chr(ord('0') + grid[r, c] div 10);
    end;
    ⟪writline⟶writeln⟫(line);
  end;
  total := Mean(grid);
  writeln(free, ' ', total:0:2);
end.
