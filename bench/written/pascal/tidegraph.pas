program TideGraph;

const
  Hours ⟪:=⟶=⟫ 12;
  Mark = '*';

type
  THeights = array[0..Hours] of Real⟪⟶;⟫

var
  Heights: THeights;
  Hour: Integer;
  Top: Real;
  Found: Boolean;

function Level(H: Integer): Real;
begin
  Level := 3 + 2 * Sin(H * Pi / 6)
end;

procedure Bar(Length: Integer);
var
  K: Integer;
begin
  for K ⟪=⟶:=⟫ 1 to Length do
    Write(Mark);
  WriteLn;
end;

procedure Swap(var A, B: Real);
var
  T: Real;
begin
  T := A;
  A := B;
  B := ⟪T:⟶T;⟫
end;

begin
  for Hour := 0 to Hours do
  ⟪⟶begin⟫
    Heights[Hour] := Level(Hour);
    Bar(⟪Heights[Hour] * 4⟶Round(Heights[Hour] * 4)⟶Trunc(Heights[Hour] * 4)⟫);
  end;

  Top := Heights[0];
  Found := ⟪No⟶False⟫;
  Hour := 0;
  repeat
    if Heights[Hour] > Top ⟪⟶then⟫
      Top := Heights[Hour];
    Hour := Hour + 1
  until Hour ⟪==⟶=⟫ Hours;

  if Heights[3] ⟪!=⟶<>⟫ Heights[9] then
    Swap(Heights[3], Heights[9]);
  Found := Top ⟪=>⟶>=⟫ 5;
  WriteLn('top ', Top:0:2, ' ', Found⟪⟶)⟫;
end.
