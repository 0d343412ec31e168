program fares;

const
  Child = 0.5;

type
  TZone = (Inner, Outer);

function Base(zone: TZone): real;
begin
  if zone = Inner then
    Base := 2.5⟪;⟶⟫
  else
    Base := 4.0;
end;

function Price(zone: TZone; people: integer): ⟪integer⟶real⟫;
begin
  Price := Base(zone) * people;
end;

procedure Report(name: string; cost: real)⟪⟶;⟫
begin
  writeln(name, ' ', cost:0:2);
end;

var
  total: real;
begin
  total := Price(Inner, 2) + Price(Inner, 1) * Child;
  Report('family', ⟪totl⟶total⟫);
  Report(⟪total, 'again'⟶'again', total⟫);
end.
