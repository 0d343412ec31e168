program berths;

{$mode objfpc}

const
  Count = 3;

type
  TBerth = record
    number: integer;
    length: real;
    boat: string;
  end;

var
  berth: array[1..Count] of TBerth;
  i: integer;

function Find(length: real): integer;
var
  i: integer;
begin
  Find := 0;
  for i := Count downto 1 do
    if (berth[i].boat = '') and (berth[i].length >= length) then
      Find := i;
end;

procedure Moor(boat: string; length: real);
var
  place: integer;
begin
  place := Find(length);
  if place = 0 then
    writeln('no berth for ', boat)
  else
  begin
    berth[place].boat := boat;
    writeln(boat, ' goes to berth ', place);
  end;
end;

begin
  for i := 1 to Count do
  begin
    berth[i].number := i;
    berth[i].length := 15 + 5 * i;
    berth[i].boat := '';
  end;
  Moor('Petrel', 26.5);
  Moor('Albatross', 40);
end.
