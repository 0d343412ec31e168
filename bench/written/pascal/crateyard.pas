{$mode objfpc}{$H+}
program CrateYard;

uses SysUtils;

type
  TCrate = class
  private
    FWeight: Integer;
    FMark: String;
  public
    constructor Create(AMark: String; AWeight: Integer);
    function Describe: String; virtual;
    property Weight: Integer read FWeight⟪ writes ⟶ write ⟫FWeight;
    property Mark: String read FMark;
  end;

  TCold = class(TCrate)
  public
    function Describe: String; ⟪overrides⟶override⟫;
  end;

constructor TCrate.Create(AMark: String; AWeight: Integer);
begin
  FMark := AMark;
  FWeight := AWeight;
end;

function TCrate.Describe: String;
begin
  Result := FMark + ' ' + ⟪FWeight⟶IntToStr(FWeight)⟫;
end;

function ⟪Describe⟶TCold.Describe⟫: String;
begin
  Result := 'cold ' + inherited Describe;
end;

procedure Heavier(⟪crate TCrate⟶crate: TCrate⟫; by: Integer);
begin
  crate.Weight := crate.Weight + by;
end;

var
  crates: array of TCrate;
  c: TCrate;
  total: Integer;
begin
  SetLength(crates, 2);
  crates[0] := TCrate.Create('A1'⟪; ⟶, ⟫40);
  crates[1] := TCold.Create('B7', 65);
  total := 0;
  for c in crates do
  begin
    Heavier(c, 2);
    total ⟪+⟶:= total + ⟶≡+= ⟫c.Weight;
  end;
  if total > 100 then
  begin
    writeln('too heavy by ', total - 100);
  ⟪end if;⟶end;⟫
  writeln(crates[0].Describe);
end.
