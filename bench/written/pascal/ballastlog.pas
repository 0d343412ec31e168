program BallastLog;
{$mode objfpc}{$H+}
uses SysUtils⟪,⟶;⟫

type
  TTank = record
    Name: string;
    Litres: real;
    Full: boolean;
  end⟪⟶;⟫
  TTanks = array[1..3] of TTank;

var
  Tanks: TTanks;
  Total: ⟪integer⟶real⟫;

procedure Fill(var T: TTank; Amount: real)⟪⟶;⟫
begin
  T.Litres := T.Litres + Amount;
  if T.Litres >= 400 then
    T.Full ⟪=⟶:=⟫ true;
end;

function Sum(T: TTanks): real;
var
  I: integer;
begin
  Sum := 0;
  for I := 1 to 3 do
    ⟪Sum := Sum + T[I]⟶Result := Result + T[I].Litres⟶Sum := Result + T[I].Litres⟫;
end;

procedure Show(T: TTank);
begin
  if T.Full ⟪⟶then⟫
    writeln(T.Name, ' is full')
  else
    writeln(T.Name, ': ', ⟪T.Litres:2f⟶T.Litres:0:2⟫);
end;

var
  K: integer;
begin
  for K := 1 to 3 do
  begin
    Tanks[K].Name := 'tank ' + ⟪K⟶IntToStr(K)⟫;
    Tanks[K].Litres := 0;
    Fill(Tanks[K], 150.5 * K);
    Show(⟪Tanks⟶Tanks[K]⟫);
  end;
  Total := Sum(Tanks);
  writeln(⟪"total "⟶'total '⟫, Total:0:1);
end.
