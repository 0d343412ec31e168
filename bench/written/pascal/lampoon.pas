program Lamps2;
{$mode objfpc}
type
  TLamp = class
  private
    FOn: boolean;
    FName: string;
  public
    constructor Create(const AName: string);
    procedure Toggle;
    function State: string;
    property Name: string read FName⟪⟶;⟫
  end;

constructor TLamp.Create(const AName: string);
begin
  FName := AName;
  FOn := False;
end;

procedure ⟪⟶TLamp.⟫Toggle;
begin
  FOn := not FOn;
end;

function TLamp.State: string;
begin
  if FOn then
    Result := 'on'
  else
    ⟪return⟶Result :=⟫ 'off';
end;

var
  Lamps: array[0..1] of TLamp;
  i: integer;
begin
  Lamps[0] := TLamp.Create('red');
  Lamps[1] := TLamp⟪(⟶.Create(⟫'green');
  Lamps[0].⟪toggel⟶Toggle⟫;
  for i := 0 to 1 do
  begin
    writeln(Lamps[i].Name, ': ', Lamps[i].State);
    Lamps[i].Free;
  end;
  writeln('done');
end⟪⟶.⟫
