program tankfarm;

const
  Tanks = 4;

type
  TLevels = array[1..Tanks] of real;

procedure Fill(var level⟪ ⟶: ⟫TLevels);
var
  i: integer;
begin
  for i ⟪=⟶:=⟫ 1 to Tanks do
    level[i] := i * 2.5;
end;

function Highest(const level: TLevels): real;
var
  i: integer;
begin
  Highest := level[1];
  for i := 2 to Tanks do
    if level[i] > level[1] then
      Highest := ⟪level(i)⟶level[i]⟫;
end;

function Full(level: real): boolean;
begin
  if level > 9 then
    Full := ⟪yes⟶true⟫
  else
    Full := false;
end;

procedure Report(const level: TLevels);
var
  i: integer;
begin
  i := 1;
  while i <= Tanks do
  begin
    write('tank ', i, ': ', level[i]:0:1);
    if Full(level[i]) then
      ⟪writeln 'full'⟶writeln('full')⟫
    else
      writeln;
    i := i + 1;
  end;
end;

var
  level: TLevels;
  ⟪whole = integer⟶whole: integer⟫;
begin
  Fill(level);
  Report(level);
  whole := ⟪Highest(level)⟶round(Highest(level))⟶trunc(Highest(level))⟫;
  case whole of
    10: writeln('at the brim');
    8, 9⟪⟶:⟫ writeln('nearly full');
  ⟪default⟶else⟫
    writeln('room left');
  end;
end.
