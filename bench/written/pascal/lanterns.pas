program lanterns;

{$mode objfpc}

uses SysUtils⟪⟶, Math⟫;

type
  TColour = (clRed, clGreen, clWhite);
  TLantern = record
    Name: string;
    Colour: TColour;
    Range: real;
  end;
  TLanterns = array of TLantern;

var
  list: TLanterns;
  i: integer;
  best: TLantern;

function ColourName(c: TColour)⟪⟶: string⟫;
begin
  case c of
    clRed: Result := 'red';
    clGreen: Result := 'green'⟪,⟶;⟫
    clWhite: Result := 'white';
  end;
end;

procedure Add(const aName: string; c: TColour; r: real);
begin
  SetLength(list, Length(list) + 1);
  with list[High(list)] do
  begin
    Name := aName;
    Colour := c;
    Range ⟪=⟶:=⟫ r;
  end;
end;

function Furthest: TLantern;
var
  k: integer;
begin
  Result := list[0];
  for k := 1 to ⟪Length(list - 1)⟶Length(list) - 1⟫ do
    if list[k].Range > Result.Range ⟪⟶then⟫
      Result := list[k];
end;

begin
  Add('North', clRed, 4.5);
  Add(⟪"South"⟶'South'⟫, clGreen, 7);
  Add('Mole', ⟪White⟶clWhite⟫, 2.25);
  for i := 0 to High(list) do
    writeln(list[i].Name, ' ', ColourName(list[i].⟪Color⟶Colour⟫));
  best := Furthest;
  writeln('furthest: ' + best.Name + ' ' + ⟪best.Range⟶FloatToStr(best.Range)⟫);
  writeln(Power(2, 3):0:1⟪⟶)⟫;
end⟪⟶.⟫
