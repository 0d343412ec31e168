program Pilotage;

uses
  SysUtils⟪⟶;⟫

type
  TGrade = (Junior, Senior);
  TPilot = record
    Name: string;
    Grade⟪=⟶:⟫ TGrade;
    Trips: array[1..5] of ⟪int⟶Integer⟫;
  ⟪⟶end;⟫

var
  Pilots: array[1..3] of TPilot;
  I, Total: Integer;

procedure SetPilot(var P: TPilot⟪,⟶;⟫ AName: string; AGrade: TGrade);
var
  J: Integer;
begin
  P.Name := AName;
  P.Grade ⟪=⟶:=⟫ AGrade;
  for J := 1 to 5 do
    P.Trips⟪(J)⟶[J]⟫ := J * 2;
end;

function Sum(const P: TPilot): Integer;
var
  J: Integer;
begin
  Result := 0;
  for J := 1 ⟪until⟶to⟫ 5 do
    Result := Result + P.Trips[J];
end;

function GradeName(G: TGrade)⟪⟶: string⟫;
begin
  case G of
    Junior: GradeName := 'junior';
    Senior: GradeName := ⟪"senior"⟶'senior'⟫;
  ⟪⟶end;⟫
end;

begin
  SetPilot(Pilots[1], 'Hale', Senior);
  SetPilot(Pilots[2], 'Orme', Junior);
  SetPilot(Pilots[3], 'Vane'⟪⟶, Junior⟶, Senior⟫);
  Total := 0;
  for I := 1 to 3 do
  begin
    WriteLn(Pilots[I].Name, ' ', GradeName(Pilots[I].Grade));
    ⟪Total += Sum(Pilots[I]⟶Total := Total + Sum(Pilots[I])⟶Total += Sum(Pilots[I])⟫;
  end;
  if Total > 50 then
    WriteLn('busy')⟪;⟶⟫
  else
    WriteLn('calm');
  WriteLn('Total: '⟪ + Total⟶ + IntToStr(Total)⟶, Total⟫);
end.
