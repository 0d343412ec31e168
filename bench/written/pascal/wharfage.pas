program Wharfage;
{$mode objfpc}{$H+}
uses SysUtils;

const
  Limit ⟪:=⟶=⟫ 5;

type
  TShip = class
  private
    FName: string;
    FTons: double;
  public
    constructor Create(const AName: string; ATons: double);
    function Dues: double;
    property Name: string read FName;
    property Tons: double read FTons⟪⟶;⟫
  end;

constructor ⟪Create⟶TShip.Create⟫(const AName: string; ATons: double);
begin
  FName := AName;
  FTons := ATons;
end;

function TShip.Dues: double;
begin
  if FTons > 100 then
    Result := FTons * 0.4⟪;⟶⟫
  else
    Result := FTons * 0.5;
end;

function Band(tons: double): char;
begin
  if tons > 500 then Band := ⟪"H"⟶'H'⟫
  else if tons > 50 ⟪⟶then ⟫Band := 'M'
  else Band := 'L';
end;

var
  ships: array[1..Limit] of TShip;
  count, i: integer;
  sum: double;
begin
  count := 2;
  ships[1] := TShip.Create('Heron', 420);
  ships[2] := ⟪TShip⟶TShip.Create⟫('Skua', 35.5);
  sum := 0;
  for i := 1 ⟪..⟶to⟫ count do
  begin
    sum ⟪+⟶+=⟶≡:= sum +⟫ ships[i].Dues;
    writeln(ships[i].Name + ' ' + ⟪ships[i].Tons⟶FloatToStr(ships[i].Tons)⟫);
  ⟪⟶end;⟫
  writeln('sum ', sum:0:2, ' band ', Band(ships[1].Tons));
end.
