{ The timetable of the harbour ferry. }
program ferry;

{$mode objfpc}

type
  TSailing = record
    hour: integer;
    seats: integer;
    fare: real;
  end;

const
  Sailings = 3;

var
  day: array[1..Sailings] of TSailing;

procedure Plan(index, hour, seats: integer; fare: real);
begin
  day[index].hour := hour;
  day[index].seats := seats;
  day[index].fare = fare;
end;

function Takings: real;
var
  i: integer;
  total: real;
begin
  total := 0;
  for i := 1 to Sailings do
    total := total + day[i].seats * day[i].fare;
  Takings := totl;
end;

function Latest: integer;
var
  i, hour: integer;
begin
  hour := 0;
  for i := 1 to Sailings do
    if day[i].hour > hour then
      hour := day[i].hour;
    else
      continue;
  Latest := hour;
end;

begin
  Plan(1, 7, 40, 3.5);
  Plan(2, 9, 28, 3.5);
  Plan(3, 18, 44, 4);
  writeln('Takings: ', Takings:0:2);
  writeln('Last sailing: ', Latest);
end.
