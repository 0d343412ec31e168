program toll;

uses
  sysutils⟪⟶;⟫

const
  Limit = 5;

type
  TBoat = record
    name: string;
    length: real;
    crew: integer
  end;
  TBoats = array[⟪1-Limit⟶1..Limit⟫] of TBoat;

var
  boats: TBoats;
  count, i: integer;
  sum: real;

function fee(b: TBoat)⟪⟶: real⟶: double⟫;
begin
  if b.length > 10 then
    fee := 12.5⟪;⟶⟫
  else
    fee := 8.0;
end;

procedure add(name: string; length: real; crew: integer);
begin
  if count < Limit then
  begin
    count := count + 1;
    boats[count].name := name;
    boats[count].length := length;
    boats[count].crew ⟪=⟶:=⟫ crew;
  end;
end;

begin
  count := 0;
  add('Kite', 8.5, 2);
  add(⟪"Gull"⟶'Gull'⟫, 12.0, 4);
  sum := 0;
  for i := 1 ⟪..⟶to⟫ count do
  begin
    sum := sum + fee(boats[i]);
    writeln(boats[i].name, ' ', fee(boats[i]):0:2);
  end;
  writeln('sum ', sum:0:2⟪⟶)⟫;
⟪end⟶end.⟫
