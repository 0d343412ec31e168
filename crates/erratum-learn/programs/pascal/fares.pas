{ What a crossing costs. }
program fares;

{$mode objfpc}

uses
  SysUtils, Math;

const
  Base = 3.5;
  PerZone = 1.25;

var
  zones: integer;

function Fare(zones: integer; child: boolean): real;
var
  full: real;
begin
  full := Base + PerZone * zones;
  if child then
    Fare := full / 2
  else
    Fare := full;
end;

function Group(size, zones: integer): real;
var
  total: real;
begin
  total := size * Fare(zones, false);
  if total > 100 then
    total := total * 0.9;
  Group := Max(total, 20);
end;

function Line(zones: integer): string;
begin
  Line := IntToStr(zones) + ' zones: ' + FormatFloat('0.00', Fare(zones, false));
end;

begin
  for zones := 1 to 4 do
    writeln(Line(zones));
  writeln('children: ', Fare(2, true):0:2);
  writeln('group: ', Group(12, 2):0:2);
end.
