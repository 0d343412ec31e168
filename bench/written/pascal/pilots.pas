program Pilots;

const
  MaxPilots = 12;
  DayRate ⟪:= ⟶= ⟫85.5;

type
  TPilot = record
    Name: string[20];
    Trips: ⟪Int⟶Integer⟫;
    Pay: Real;
  end;
  TRoster = array⟪(1..MaxPilots)⟶[1..MaxPilots]⟫ of TPilot;

var
  roster: TRoster;
  count, i: Integer;

procedure AddPilot(const who: string; trips: Integer)⟪⟶;⟫
begin
  if count ⟪== ⟶= ⟫MaxPilots then
    Exit;
  count := count + 1;
  roster[count].Name := who;
  roster[count].Trips := trips;
  roster[count].Pay := trips * DayRate;
end;

function Best: Integer;
var
  k, top: Integer;
begin
  top := 1;
  for k := 2 to count do
    if roster[k].Trips > roster[top].Trips then
      top ⟪= ⟶:= ⟫k;
  Best := top;
end;

begin
  count := 0;
  AddPilot('Marlow', 14);
  AddPilot(⟪"Sedge"⟶'Sedge'⟫, 9);
  for i := 1 to count do
  begin
    Write(roster[i].Name, ' ');
    WriteLn(roster[i].Pay:8:2);
  end;
  WriteLn('best: ', roster[Best].Name)
end⟪;⟶.⟫
