program cargo;

type
  TCrate = record
    weight: real;
    count: integer;
  end;

var
  crates: array[1..3] of TCrate;
  i: integer;⟪⟶
  sum: real;⟫

function total(c: TCrate): real;
begin
  total ⟪⟶:⟫= c.weight * c.count;
end;

begin
  for i := 1 to 3 do
  begin
    crates[i].weight := 2.5 * i;
    crates[i].⟪cuont⟶count⟫ := i;
  end;
  sum := 0;
  for i := 1 to 3 do
    sum := sum + total(crates[i]);
  if sum > 30 then
    writeln('heavy')⟪;⟶⟫
  else
    writeln('light');
end.
