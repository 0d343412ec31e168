program timetable;

{$mode objfpc}

type
  TSailing = record
    hour, minute: integer;
    pier: string;
    seats: integer;
  end;

const
  Count = 3;

var
  day: array[1..Count] of TSailing;
  coming: integer;

procedure Plan(index, hour, minute: integer; pier: string; seats: integer);
begin
  day[index].hour := hour;
  day[index].minute := minute;
  day[index].pier := pier;
  day[index].seats := seats;
end;

function Next(hour, minute: integer): integer;
var
  i: integer;
begin
  Next := 0;
  for i := Count downto 1 do
    if day[i].hour * 60 + day[i].minute >= hour * 60 + minute then
      Next := i;
end;

function SeatsFrom(pier: string): integer;
var
  i, sum: integer;
begin
  sum := 0;
  for i := 1 to Count do
    if day[i].pier = pier then
      sum := sum + day[i].seats;
  SeatsFrom := sum;
end;

begin
  Plan(1, 7, 15, 'North', 40);
  Plan(2, 9, 30, 'Mole', 28);
  Plan(3, 18, 5, 'North', 44);
  coming := Next(9, 31);
  if coming > 0 then
    writeln('next: ', day[coming].hour, ':', day[coming].minute)
  else
    writeln('no more sailings today');
  writeln('North: ', SeatsFrom('North'), ' seats');
end.
