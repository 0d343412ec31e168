program Sluiceway;

{$mode objfpc}

uses
  Classes, SysUtils;

type
  EStuck = class(Exception);

  TGate = class
  private
    FHeight: Double;
    FStuck: Boolean;
  public
    constructor Create(Height: Double);
    procedure Raise1(By: Double);
    property Height: Double read FHeight⟪⟶;⟫
    property Stuck: Boolean read FStuck write FStuck;
  end;

constructor TGate.Create(Height: Double);
begin
  inherited Create;
  ⟪this.FHeight⟶FHeight⟶Self.FHeight⟫ := Height;
end;

procedure TGate.Raise1(By: Double);
begin
  if FStuck then
    raise EStuck⟪('gate is stuck')⟶.Create('gate is stuck')⟫;
  FHeight ⟪=+ By⟶:= FHeight + By⟫;
end;

function Flow(Gates: array of TGate): Double;
var
  I: Integer;
begin
  Result := 0;
  for I := 0 to ⟪Gates.Length - 1⟶Length(Gates) - 1⟶High(Gates)⟫ do
    if not Gates[I].Stuck then
      Result := Result + Gates[I].Height * 2.5;
⟪⟶end;⟫

var
  A, B: TGate;
  Steps: Integer;
begin
  A := TGate.Create(0.5);
  B := TGate⟪.Create⟶.Create(0)⟶.Create(0.5)⟫;
  Steps := 0;
  while (Flow([A, B]) < 6) ⟪&&⟶and⟫ (Steps < 20) do
  begin
    A.Raise1(0.25);
    if Steps mod 2 = ⟪= 0⟶0⟫ then
      B.Raise1(⟪0,25⟶0.25⟫);
    Steps := Steps + 1;
  end;
  try
    B.Stuck := ⟪1⟶True⟫;
    B.Raise1(1);
  ⟪catch⟶except⟫
    on E: EStuck do
      WriteLn('cannot raise: ' + E.Message)
  end;
  WriteLn('steps: ', Steps, ' flow: ', Flow([A, B]):0:2⟪⟶)⟫;
  A.Free;
  B.Free;
end.
