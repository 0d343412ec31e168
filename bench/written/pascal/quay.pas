program quay;

const
  places ⟪:=⟶=⟫ 6;

type
  TBoat = record
    name: string;
    length: real;
  end;

var
  boats: array[1..places] of TBoat;
  used: integer;

procedure add(name: string; length: real);
begin
  used := used + 1;
  boats[used].name := name;
  boats[used].length ⟪=⟶:=⟫ length;
end;

function longest: integer;
var
  i, best: integer;
begin
  best := 1;
  for i := 2 to used do
    if boats[i].length > boats[best].length ⟪⟶then⟫
      best := i;
  longest := best;
end;

begin
  used := 0;
  add('Skua', 12.5);
  add(⟪"Marta"⟶'Marta'⟫, 20);
  writeln(boats[longest].⟪nam⟶name⟫);
  if used < places then
    writeln('free places')⟪;⟶⟫
  else
    writeln('full');
end.
