program LightBook;

{$mode objfpc}{$H+}

uses
  SysUtils⟪⟶;⟫

const
  MaxLamps = 12;
  Harbour ⟪:⟶=⟫ 'Westkai';

type
  TLamp = record
    Place: string;
    Hours: integer;
    Lit: boolean;
  end;
  TLamps = array[1..MaxLamps] of TLamp;

var
  lamps: TLamps;
  count: integer = 0;

procedure Add(const place: string; hours: integer);
begin
  count := count + 1;
  lamps[count].Place := place;
  lamps[count].Hours := hours;
  ⟪lamps[count].Lit = hours > 0;⟶lamps[count].Lit := hours > 0;⟫
end;

function Average⟪⟶: double⟶: real⟶: single⟫;
var
  i, sum: integer;
begin
  sum := 0;
  for i := 1 to count do
    sum := sum + lamps[i].Hours;
  if count = 0 then
    Average := 0⟪;⟶⟫
  else
    Average := sum / count;
end;

procedure Show(const lamp: TLamp);
begin
  if lamp.Lit then
    writeln(lamp.Place, ': ', lamp.Hours⟪⟶)⟫;
  if ⟪not lamp.Lit and lamp.Hours > 100⟶(not lamp.Lit) and (lamp.Hours > 100)⟶not lamp.Lit and (lamp.Hours > 100)⟫ then
    writeln('change the glass');
end;

var
  k: integer;
  ⟪mean: integer⟶mean: double⟶≡mean: real⟫;
begin
  Add('north mole', 220);
  Add('south mole', ⟪'140'⟶140⟫);
  mean := Average;
  writeln(Harbour, ' ', mean:0:1);
  for k := 1 to count do
  begin
    Show(⟪lamp⟶lamps⟫[k]);
  end;
end.
