program FerryDesk;

uses SysUtils;

const
  MaxSales = 50;

type
  TFare = (Adult, Child⟪; ⟶, ⟫Bicycle);
  TSale = record
    Fare: TFare;
    Count: Integer;
  end;

var
  Sales: array[1..MaxSales⟪)⟶]⟫ of TSale;
  Used: Integer ⟪:=⟶=⟫ 0;

function Price(Fare: TFare): Currency;
begin
  case Fare of
    Adult: Price := 4.50;
    Child: Price := 2.25;
    ⟪Bicycle Price := 1.00⟶Bicycle: Price := 1.00⟫;
  end;
end;

procedure Sell(Fare: TFare; Count: ⟪Interger⟶Integer⟫);
begin
  if Used >= MaxSales then
  ⟪⟶begin⟫
    WriteLn('book is full');
    Exit;
  end;
  Used := Used + 1;
  Sales[Used].Fare := Fare;
  Sales[Used]⟪->⟶.⟫Count := Count;
end;

function Takings: Currency;
var
  I: Integer;
begin
  Result := 0;
  for I := 1 to Used ⟪⟶do⟫
    Result := Result + Price(Sales[I].Fare) * Sales[I].Count;
end;

function Name(Fare: TFare): ⟪str⟶string⟫;
begin
  if Fare = Adult then
    Name := 'adult'⟪;⟶⟫
  else if Fare = Child then
    Name := 'child'
  else
    Name := 'bicycle';
end;

var
  F: TFare;
  Counts: array[TFare] of Integer;
  I: Integer;
begin
  Sell(Adult, 3);
  Sell(⟪'Child'⟶Child⟫, 2);
  Sell(Bicycle⟪⟶, 1⟶, 0⟶, 2⟶, 3⟫);
  for F := Adult to Bicycle do
    Counts[F] := 0;
  for I := 1 to Used do
    ⟪Inc(Counts[Sales[I].Fare], Sales[I].Count⟶Inc(Counts[Sales[I].Fare], Sales[I].Count)⟫;
  for F := Adult to Bicycle do
    WriteLn(Name(F), ' ', Counts⟪(F)⟶[F]⟫);
  WriteLn(Format('%.2f', ⟪Takings⟶[Takings]⟫));
end.
