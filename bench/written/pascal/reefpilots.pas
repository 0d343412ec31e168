program reefpilots;

{$mode objfpc}{$H+}

uses SysUtils;

type
  TPilot = class
  private
    FName: string;
    FTrips: Integer;
  public
    constructor Create(const AName: string);
    procedure Assign(N: Integer);⟪⟶ virtual;⟫
    function Pay: Double; virtual; abstract;
    property Name: string read FName⟪⟶;⟫
    property Trips: Integer read ⟪Trips⟶FTrips⟫;
  end;

  TSeniorPilot = class(TPilot)
  public
    procedure Assign(N: Integer); override;
    function Pay: Double; ⟪⟶override;⟫
  end;

  TJuniorPilot = ⟪class extends TPilot⟶class(TPilot)⟫
  public
    function Pay: Double; override;
  end;

  EReef = class(Exception⟪⟶)⟫;

constructor TPilot.Create(const AName: string);
begin
  FName := AName;
  FTrips := 0;
end;

procedure ⟪Assign⟶TPilot.Assign⟫(N: Integer);
begin
  if N < 0 then
    raise ⟪EReef⟶EReef.Create⟫('negative');
  FTrips := FTrips + N;
end;

procedure TSeniorPilot.Assign(N: Integer);
begin
  inherited Assign(N);
  if N > 10 then
    WriteLn(FName, ' has a long week')⟪;⟶⟫
  else
    WriteLn(FName, ' is fine');
end;

function TSeniorPilot.Pay: Double;
begin
  Result := ⟪FTrips.ToDouble⟶FTrips⟫ * 90;
end;

function TJuniorPilot.Pay: Double;
begin
  Result := FTrips * 60⟪,0⟶.0⟶⟫;
end;

var
  Pilots: array of TPilot;
  Pilot: TPilot;
  Sum: Double⟪ := 0⟶ = 0⟫;
  Index: Integer;
begin
  SetLength(Pilots, 2);
  Pilots[0] := TSeniorPilot.Create('Maren');
  Pilots[1] := ⟪new TJuniorPilot('Ole')⟶TJuniorPilot.Create('Ole')⟫;
  Pilots[0].Assign(12);
  Pilots[1].Assign(⟪'7'⟶7⟫);
  for Pilot in Pilots do
  begin
    Sum := Sum + Pilot.Pay;
    WriteLn(Pilot.Name⟪, ': ' + ⟶, ': ', ⟫Pilot.Pay:8:2);
  end;
  for Index := 0 to ⟪Pilots.Length⟶Length(Pilots)⟶High(Pilots)⟫ - 1 do
    Pilots[Index]⟪.Delete⟶.Free⟫;
  try
    WriteLn(Sum:0:2);
  ⟪catch⟶except⟫
    on E: EReef do
      WriteLn(E.Message);
  end;
end.
