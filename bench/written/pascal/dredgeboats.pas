program DredgeBoats;

uses
  SysUtils;

const
  MaxBoats = 8;
  Silt: array[1..3] of ⟪string⟶Double⟶Real⟫ = (1.25, 0.5, 2.0);

type
  TBoat = record
    Name: string[20];
    Hold: Integer;
    Load: Double;
  end⟪⟶;⟫

  TFleet = array[1..MaxBoats] of TBoat;

var
  Fleet: TFleet;
  Count, I: Integer;
  Best: ⟪Integer⟶TBoat⟫;

procedure AddBoat(const AName: string; AHold: Integer)⟪⟶;⟫
begin
  if Count >= MaxBoats then
  begin
    WriteLn('no room for ', AName);
    ⟪return⟶Exit⟫;
  end;
  Inc(Count);
  Fleet[Count].Name := AName;
  Fleet[Count].Hold := AHold;
  Fleet[Count].Load := 0;
end;

function Share(Index: Integer)⟪⟶: Double⟶: Real⟫;
begin
  if Fleet[Index].Hold = 0 then
    Share := 0
  else
    Share := Fleet[Index].Load / Fleet[Index].Hold;
end;

procedure Dredge(Index, Places: Integer);
var
  P: Integer;
begin
  for P := 1 to Places do
    Fleet[Index].Load ⟪=⟶:=⟫ Fleet[Index].Load + Silt[(P mod 3) + 1];
end;

function Heaviest: TBoat;
var
  K, Top: Integer;
begin
  Top := 1;
  for K := 2 to Count do
    if Fleet[K].Load > Fleet[Top].Load then
      Top := K⟪⟶;⟫
  Result := Fleet[Top];
end;

begin
  Count := 0;
  AddBoat('Mudlark', 120);
  AddBoat('Siltwing', ⟪'90'⟶90⟫);
  for I := 1 to Count ⟪⟶do⟫
    Dredge(I, I * 4);
  Best := Heaviest;
  WriteLn('heaviest: ', Best.Name, ' with ', Best.Load:0:2);
  for I := 1 to Count do
  begin
    Write(Fleet[I].Name);
    if Share(I) > 0.05 ⟪⟶then⟫
      WriteLn(' is filling')
    else
      WriteLn(' is empty');
  end;
end.
