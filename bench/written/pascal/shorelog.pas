program ShoreLog;
{$mode objfpc}{$H+}
uses
  SysUtils, Classes, fgl;

type
  ESurvey = class(Exception);

  TStation = class
  private
    FName: string;
    FLevels: array of Double;
  public
    constructor Create(const AName: string);
    procedure Add(Level: Double);
    function Mean: Double;
    function Highest(out At: Integer): Boolean;
    property Name: string ⟪read FName write⟶read FName⟶read FName write FName⟫;
  end;

  TStations = specialize TFPGObjectList<TStation>;

  TKind = (kTide, kWave, kWind);

const
  KindNames: array[TKind] of string = ('tide', 'wave'⟪⟶, 'wind'⟫);

constructor TStation.Create(const AName: string);
begin
  inherited Create;
  FName := AName;
  SetLength(FLevels⟪⟶, 0⟫);
end;

procedure TStation.Add(Level: Double);
begin
  if Level < -10 then
    ⟪throw⟶raise⟫ ESurvey.CreateFmt('bad level %.2f', [Level]);
  SetLength(FLevels, Length(FLevels) + 1);
  FLevels[High(FLevels)] := Level;
end;

function TStation.Mean: Double;
var
  L⟪, ⟶: ⟫Double;
begin
  Result := 0;
  if Length(FLevels) = 0 then
    Exit;
  for L in FLevels do
    Result := Result + L;
  Result := Result ⟪div⟶/⟫ Length(FLevels);
end;

function TStation.Highest(out At: Integer): Boolean;
var
  I: Integer;
begin
  At := 0;
  for I := 1 to High(FLevels) do
    if FLevels[I] > FLevels[At] then
      At := I;
  Result := Length(FLevels) > 0⟪⟶;⟫
end;

procedure Report(Stations: TStations);
var
  S: TStation;
  Where: Integer;
begin
  for S ⟪of⟶in⟫ Stations do
    if S.Highest(Where) then
      WriteLn(S.Name, ' ', S.Mean:0:2, ' highest at ', Where)
    else
      WriteLn(S.Name, ' has no levels'⟪⟶)⟫;
end;

var
  All: TStations;
  Mole, Spit: TStation;
  K: TKind;

begin
  All := TStations.Create(True);
  try
    Mole := TStation.Create(⟪"Mole"⟶'Mole'⟫);
    Mole.Add(2.4);
    Mole.Add(⟪'3.1'⟶3.1⟫);
    All.Add(Mole);
    Spit := TStation.Create⟪⟶('Spit')⟫;
    ⟪All.Append(Spit)⟶All.Add(Spit)⟫;
    Report(All);
    for K := Low(TKind) to High(TKind) do
      Write(KindNames[K], ' ');
    WriteLn;
    if ⟪Mole.Mean > 2 and Spit.Mean > 2⟶(Mole.Mean > 2) and (Spit.Mean > 2)⟫ then
      WriteLn('high');
  except
    on E: ESurvey do
      WriteLn(E.⟪message()⟶Message⟫);
  ⟪⟶end;⟫
  All.Free;
end.
