program WindLog;

{$mode objfpc}

uses
  Classes, SysUtils;

type
  TStation = class
  private
    FName: string;
    FSpeeds: array of Integer;
  public
    constructor Create(const AName: string);
    procedure Log(Speed: Integer);
    function Mean: Double;
    property Name: string read FName⟪⟶;⟫
  end;

constructor ⟪Create⟶TStation.Create⟫(const AName: string);
begin
  inherited Create;
  FName := AName;
end;

procedure TStation.Log(⟪Integer Speed⟶Speed: Integer⟫);
begin
  SetLength(FSpeeds, Length(FSpeeds) + 1);
  FSpeeds[High(FSpeeds)] ⟪=⟶:=⟫ Speed;
end;

function TStation.Mean⟪⟶: Double⟫;
var
  S, Sum: Integer;
begin
  Sum := 0;
  for S in FSpeeds do
    Sum := Sum + S;
  if Length(FSpeeds) ⟪!=⟶<>⟫ 0 then
    Result := Sum / Length(FSpeeds)
  else
    Result := 0;
⟪⟶end;⟫

procedure Show(Station: TStation);
begin
  WriteLn(Station⟪->⟶.⟫Name, ' ', Station.Mean:0:1);
end;

var
  Fort, Mill: TStation;
  Names: TStringList;
  Worst: Integer;

begin
  Fort := ⟪new TStation('Fort')⟶TStation.Create('Fort')⟫;
  Mill := TStation.Create('Mill');
  Fort.Log(12);
  Fort.Log(⟪18.5⟶18⟶19⟫);
  Mill.Log(7);
  Worst := ⟪Fort.Mean⟶Round(Fort.Mean)⟶Trunc(Fort.Mean)⟫;
  Names := TStringList.Create;
  Names.Add(Fort⟪⟶.Name⟫);
  Show(Fort);
  Show(Mill);
  WriteLn('worst ', Worst);
  Names.Free;
  Fort.Free;
  Mill.Free;
end.
