program Mudlarks;

{$mode objfpc}{$H+}

uses
  SysUtils, Classes;

const
  MaxFinds = 20;
  Places: array[1..3] of string = ⟪['Quay', 'Steps', 'Stairs']⟶('Quay', 'Steps', 'Stairs')⟫;

type
  TKind = (Coin, Nail, Clay);
  PFind = ^TFind;
  TFind = record
    Kind: TKind;
    Year: Integer;
    Next: ⟪^PFind⟶PFind⟫;
  end;
  TGrid = array[0..2, 0..2] of Integer;

var
  First: PFind = nil;
  Grid: TGrid;
  I, J: Integer;

procedure Add(AKind: TKind; AYear: Integer⟪⟶)⟫;
var
  F: PFind;
begin
  New(F);
  F^.Kind := AKind;
  F⟪->⟶^.⟫Year := AYear;
  F^.Next := First;
  First := F;
end;

function CountOf(AKind: TKind): Integer;
var
  F: PFind;
begin
  Result := 0;
  F := First;
  while F <> ⟪null⟶nil⟫ do
  begin
    if F^.Kind = AKind then
      ⟪Result++⟶Inc(Result)⟶≡Result := Result + 1⟫;
    F := F^.Next;
  end;
end;

function KindName(K: TKind): string;
begin
  case K of
    Coin: Result := 'coin';
    ⟪Nail = ⟶Nail: ⟫Result := 'nail';
  else
    Result := 'clay';
  end⟪⟶;⟫
end;

function Average: Real;
var
  F: PFind;
  Sum⟪,⟶:⟫ Integer;
  N: Integer;
begin
  Sum := 0; N := 0;
  F := First;
  while F <> nil do
  begin
    Sum := Sum + F^.Year;
    N := N + 1;
    F := F^.Next
  end;
  if N = 0 then
    Result := 0
  else
    Result := Sum / N;
end;

begin
  Add(Coin, 1702);
  Add(Nail, ⟪'1850'⟶1850⟫);
  Add(⟪Pipe⟶Clay⟶Coin⟶Nail⟫, 1690);
  for I := 0 to 2 do
    for J := 0 to 2 do
      Grid[I, J] := I * J;
  WriteLn(KindName(First^.Kind), ' ', CountOf(Coin));
  WriteLn('average ' ⟪⟶, ⟫Average:0:1);
  for I := 1 ⟪..⟶to⟫ 3 do
    WriteLn(Places[I]);
  if ⟪CountOf(Nail) > 0⟶(CountOf(Nail) > 0)⟫ and (Grid[1, 1] = 1) then
    WriteLn('nails');
end.
