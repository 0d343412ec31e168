program tides;

{$mode objfpc}

const
  Needed = 2.0;
  Hours = 8;

type
  TLevels = array[1..Hours] of real;

var
  levels: TLevels = (0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4);
  word: string;

function DeepEnough(level: real): boolean;
begin
  DeepEnough := level >= Needed;
end;

function OpenHours(levels: TLevels): integer;
var
  hour, open: integer;
begin
  open := 0;
  for hour := 1 to Hours do
  begin
    if DeepEnough(levels[hour]) then
      open := open + 1;
  end;
  OpenHours := open;
end;

function Highest(levels: TLevels): real;
var
  hour: integer;
  best: real;
begin
  best := levels[1];
  hour := 2;
  repeat
    if levels[hour] > best then
      best := levels[hour];
    hour := hour + 1;
  until hour > Hours;
  Highest := best;
end;

begin
  writeln('Open hours: ', OpenHours(levels));
  writeln('Highest tide: ', Highest(levels):0:1);
  if OpenHours(levels) > 3 then
    word := 'good'
  else
    word := 'poor';
  writeln('A ', word, ' day for sailing');
end.
