program gauges;

type
  TReadings = array[1..4] of real;

var
  r: TReadings;
  i: integer;

function Mean(const values: TReadings): real;
var
  k: integer;
  sum: real;
begin
  sum := 0.0;
  for k := 1 to 4 do
    sum := sum + values⟪(k)⟶[k]⟫;
  Mean := sum / 4;
end;

function Label1(value: real): string;
begin
  if value > 4 then
    Label1 := 'high'
  else ⟪⟶if ⟫value > 2 then
    Label1 := 'normal'
  else
    Label1 := ⟪"low"⟶'low'⟫;
end;

begin
  for i := 1 to 4 do
    r[i] := i * 1.5;
  writeln(Mean(r):0:2)⟪⟶;⟫
  i := 1;
  while i <= 4 do
  begin
    writeln(Label1(r[i]));
    i := i + 1;
  end;
end.
