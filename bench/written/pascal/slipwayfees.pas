program SlipwayFees;

type
  TKind = (Rowboat, Yacht, Trawler);
  TFees = array[TKind] of Real;
  PBill = ^TBill;
  TBill = record
    Kind: TKind;
    Nights: Integer;
    Next: PBill;
  end;

var
  Fees: TFees;
  First: PBill;
  Sum: Real;
  Rounded: Integer;

procedure ⟪Push(K: TKind, N: Integer)⟶Push(K: TKind; N: Integer)⟫;
var
  B: PBill;
begin
  New(B);
  ⟪B.Kind⟶B^.Kind⟫ := K;
  B^.Nights := N;
  B^.Next := First;
  First := B
end;

function KindName(K: TKind): string;
begin
  case K of
    Rowboat: KindName := ⟪"rowboat"⟶'rowboat'⟫;
    Yacht: KindName := 'yacht';
    Trawler: KindName := 'trawler';
  ⟪⟶end;⟶end⟫
end;

function Total: Real;
var
  Walk: PBill;
  T: Real;
begin
  T := 0;
  Walk := First;
  while Walk <> ⟪null⟶nil⟫ do
  begin
    T := T + Fees[Walk^.Kind] * Walk^.Nights;
    ⟪Walk = Walk^.Next⟶Walk := Walk^.Next⟫;
  end;
  Total := T;
end;

procedure Show;
var
  W: PBill;
  N: Integer;
begin
  W := First;
  N := 0;
  repeat
    N := N + 1;
    WriteLn(N, '. ', KindName(W^.Kind), ' for ', W^.Nights, ' nights');
    W := W^.Next;
  until W = nil;
end;

begin
  Fees[Rowboat] := 2.5;
  Fees[Yacht] := 11;
  Fees[Trawler] := ⟪19,75⟶19.75⟫;
  First := nil;
  Push(Yacht, 3);
  Push(Rowboat, 1);
  Push(Trawler, 2);
  Show;
  Sum := Total;
  Rounded := ⟪Sum⟶Round(Sum)⟶Trunc(Sum)⟫;
  WriteLn('to pay: ', Rounded);
  if Sum ⟪=>⟶>=⟫ 50 then
    WriteLn('paid at once')
end.
