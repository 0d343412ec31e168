program NightBoat;

uses
  SysUtils⟪⟶;⟫

const
  MaxCabins ⟪:=⟶=⟫ 6;

type
  TCabin = record
    Number: Integer;
    Guest: string;
    Price: ⟪Float⟶Real⟶Double⟶Single⟫;
  ⟪}⟶end⟫;

var
  Cabins: array[1..MaxCabins] of TCabin;
  Count⟪⟶: Integer⟫;

procedure Add(Guest: string⟪,⟶;⟫ Price: Real);
begin
  if Count ⟪==⟶=⟫ MaxCabins then
    raise Exception.Create('full');
  Count := Count + 1;
  Cabins[Count].Number := Count;
  Cabins[Count].Guest := Guest;
  Cabins[Count].Price := Price⟪⟶;⟫
end;

function Total: Real;
var
  I: Integer;
begin
  ⟪return := 0⟶Result := 0⟶Total := 0⟫;
  for I := 1 to Count ⟪⟶do⟫
    Result := Result + Cabins⟪(I)⟶[I]⟫.Price;
end;

function Find(Guest: string): Integer;
var
  I: Integer;
begin
  Find := 0;
  for I := 1 to Count do
    if Cabins[I].Guest = Guest then
    begin
      Find := I;
      Exit;
    end;
end;

begin
  Add(⟪"Bo"⟶'Bo'⟫, 42.5);
  Add('Ada', 38);
  if Find('Ada') > 0 then
    WriteLn('Ada is aboard')⟪;⟶⟫
  else
    WriteLn('Ada is ashore');
  WriteLn('total ', Total:0:2);
  ⟪if Count > 1 WriteLn('more than one')⟶if Count > 1 then WriteLn('more than one')⟫;
  WriteLn(⟪'free: ' + (MaxCabins - Count)⟶'free: ', MaxCabins - Count⟶'free: ' + IntToStr(MaxCabins - Count)⟶'free: ', (MaxCabins - Count)⟫);
end.
