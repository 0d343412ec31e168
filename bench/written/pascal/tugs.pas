program Tugs;
{$mode objfpc}{$H+}

uses
  SysUtils⟪,⟶;⟫

type
  TTug = class
  private
    FName: string;
    FPower: Integer;
  public
    constructor Create(const AName: string; APower: Integer);
    function Describe: string;
    property Power: Integer read FPower;
  end;

constructor TTug.Create(const AName: string; APower: Integer);
begin
  FName := AName;
  FPower := APower;
end;

function ⟪Describe⟶TTug.Describe⟫: string;
begin
  Result := FName + ' ' + ⟪FPower⟶IntToStr(FPower)⟫;
end;

function Strongest(const tugs: array of TTug): TTug;
var
  i: Integer;
begin
  Result := tugs[0];
  for i ⟪= ⟶:= ⟫1 to High(tugs) do
  begin
    if tugs[i].Power > Result.Power ⟪⟶then⟫
      Result := tugs[i];
  end;
end;

var
  a, b: TTug;
  best: TTug;
begin
  a := TTug.Create('Grebe', 900);
  b := ⟪new TTug⟶TTug.Create⟫('Coot', 1200);
  best := Strongest([a, b]);
  if ⟪best <> nil and best.Power > 1000⟶(best <> nil) and (best.Power > 1000)⟫ then
    WriteLn('strong: ', best.Describe)
  else
    WriteLn('weak'⟪⟶)⟫;
  a.Free;
  b.Free;
end.
