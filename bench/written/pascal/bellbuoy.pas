{$mode objfpc}{$H+}
program BellBuoy;

uses SysUtils;

type
  TState = (Quiet, Ringing, Broken);
  TBuoy = class
  private
    FName: string;
    FState: TState;
  public
    constructor Create(const AName: string);
    procedure Ring;
    function Text: string;
  end;

constructor TBuoy.Create(const AName: string);
begin
  FName := AName;
  FState := Quiet;
end;

procedure TBuoy.Ring;
begin
  if FState <> Broken then
    FState := Ringing;
end;

function TBuoy.Text: string;
begin
  case FState of
    Quiet: Result := FName + ' is quiet';
    Ringing: Result := FName + ' rings';
    ⟪default⟶else⟫ Result := FName + ' is broken';
  end;
end;

var
  buoys: array[0..1] of TBuoy;
  i: integer;
begin
  buoys[0] := ⟪new TBuoy('north')⟶TBuoy.Create('north')⟫;
  buoys[1] := TBuoy.Create('south');
  buoys[0]⟪->⟶.⟫Ring;
  buoys[1].FState := ⟪'Broken'⟶Broken⟫;
  for i := 0 to 1 do
    writeln(buoys[i].Text⟪⟶)⟫;
  while i > 0⟪⟶ do⟫
    i := i - 1;
  if i ⟪==⟶=⟫ 0 then
    writeln('done');
end.
