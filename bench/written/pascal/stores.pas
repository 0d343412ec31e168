program Stores;

{$mode objfpc}

uses
  SysUtils⟪⟶, Math⟫;

type
  TKind = (Rope, Paint, Fuel);
  TStock = record
    Kind: TKind;
    Amount: Integer;
    Price: Double;
  end;
  TStocks = array of TStock;

function KindName(K: TKind): string;
begin
  case K of
    Rope: Result := 'rope';
    Paint⟪ ⟶: ⟫Result := 'paint';
    Fuel: Result := 'fuel';
  end;
end;

procedure Put(var S: TStocks; K: TKind; A: Integer; P: Double);
var
  N: Integer;
begin
  N := Length(S);
  SetLength(S, N + 1);
  S[N].Kind := K;
  S[N].Amount := A;
  S[N].Price := P;
end;

function Worth(const S: TStocks): Double;
var
  I: Integer;
begin
  Result := 0;
  for I := 0 to High(S) do
    Result := Result + S[I].Amount * S[I].Price;
end;

var
  S: TStocks;
  I, Total: Integer;
  Dear: Boolean;
begin
  Put(S, Rope, 12, 4.5);
  Put(S, Paint, ⟪3.5⟶3⟶4⟫, 20);
  Put(S, fuel, 40, 1.9);
  Total := 0;
  for I := 0 ⟪until⟶to⟫ High(S) do
  begin
    Total := Total + S[I].Amount;
    Write(KindName(S[I].Kind), ' ');
  end;
  WriteLn;
  Dear := Worth(S) > 150⟪⟶;⟫
  if Dear ⟪⟶then⟫
    WriteLn('dear');
  if ⟪Total > 50 and Dear⟶(Total > 50) and Dear⟶(Total > 50) and (Dear)⟫ then
    WriteLn('many');
  WriteLn('worth ', ⟪Worth⟶Worth(S)⟫:0:2);
  WriteLn('largest ', Max(Total, 10)⟪⟶)⟫;
end.
