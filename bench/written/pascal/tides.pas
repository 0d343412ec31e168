program tides;

var
  heights: array[1..4] of real;
  i: integer;
  best⟪, worst real⟶, worst: real⟫;

function Mean: real;
var
  sum: real;
  k: integer;
begin
  sum := 0;
  for k := 1 to 4 do
    sum := sum + heights[k];
  Mean := sum ⟪div⟶/⟫ 4;
end;

begin
  heights[1] := 3.4;
  heights[2] := 0.8;
  heights[3] := 3.6;
  heights[4] := ⟪0,9⟶0.9⟫;
  best := heights[1];
  worst := heights[1];
  for i := 2 to 4 do
  ⟪⟶begin
  ⟫  if heights[i] > best then
      best := heights[i];
    if heights[i] < worst then
      worst := heights[i];
  end;
  writeln('mean ', Mean:0:2);
  writeln('best '⟪ ⟶, ⟫best:0:1, ' worst ', worst:0:1);
end.
