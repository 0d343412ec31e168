program matrix;

const
  N = 3;

type
  TGrid = array[1..N, 1..N] of integer;

var
  grid: TGrid;
  i, j⟪⟶: integer⟫;
  best: integer;

procedure fill(var g: TGrid);
var
  a, b: integer;
begin
  for a := 1 to N do
    for b := 1 to N do
      g[a, b] := a * b;
end;

function rowsum(g: TGrid; row: integer): integer;
var
  k, s: integer;
begin
  s := 0;
  for k := 1 to N do
    s := s + g[row, k];
  ⟪return s⟶rowsum := s⟫;
end;

begin
  fill(grid);
  best := 0;
  for i := 1 to N do
  begin
    for j := 1 to N do
      write(grid[i, j], ' ');
    writeln;
    if rowsum(grid, i) > best then
      best := rowsum(grid, i);
  ⟪⟶end;
⟫  writeln('best row: '⟪ ⟶, ⟫best);
  while best > 10 do
    best := best - 1;
end.
