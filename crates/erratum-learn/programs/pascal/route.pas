program route;

{$mode objfpc}

uses
  SysUtils;

const
  MaxLegs = 10;

type
  TLeg = record
    pier: string;
    miles: double;
  end;

var
  legs: array[1..MaxLegs] of TLeg;
  used: integer;

procedure AddLeg(pier: string; miles: double);
begin
  if used = MaxLegs then
  begin
    writeln('too many legs');
    exit;
  end;
  inc(used);
  legs[used].pier := pier;
  legs[used].miles := miles;
end;

function TotalMiles: double;
var
  i: integer;
begin
  result := 0;
  for i := 1 to used do
    result := result + legs[i].miles;
end;

function Minutes(knots: double): integer;
begin
  if knots <= 0 then
    result := 0
  else
    result := round(TotalMiles / knots * 60);
end;

begin
  used := 0;
  AddLeg('Mole', 1.5);
  AddLeg('Island', 3.2);
  writeln('to ', legs[used].pier, ': ', Minutes(9), ' min');
  writeln(Format('%.2f miles', [TotalMiles]));
end.
