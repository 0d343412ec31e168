program ChainMakers;

uses SysUtils;

type
  TLink = record
    Size: Integer;
    Forged: Boolean;
  end;
  TChain = array of TLink;

var
  Chain: TChain;
  Input: string;
  Amount: Integer;
  Weight: Double;

function MakeChain(N: Integer): TChain;
var
  I: Integer;
  C: TChain;
begin
  SetLength(C, N);
  for I := 0 to N - 1 do
  begin
    C[I].Size := 10 + I mod 4;
    C[I].Forged := True;
  end;
  MakeChain := C;
end;

function WeightOf(const C: TChain): Double;
var
  I: Integer;
  W: Double;
begin
  W := 0.0;
  for I := 0 to High(C) do
    if C[I].Forged ⟪== True⟶= True⟶⟫ then
      W := W + C[I].Size * 0.4
    else
      W := W + C[I].Size;
  WeightOf := W;
end;

procedure Stretch(var C: TChain; By: Integer);
var
  I: Integer;
begin
  for I := 0 to Length(C) - 1 do
    C[I].Size := C[I].Size + By;
end;

function Longest(C: TChain): Integer;
var
  I, Best: Integer;
begin
  Best := 0;
  for I := 0 to High(C) do
  begin
    if C[I].Size > Best then
      Best := C[I].⟪Sise⟶Size⟫;
  end;
  Longest := Best;
end;

procedure Print(C: TChain);
begin
  WriteLn('links: ', Length(C)⟪⟶);⟫
  WriteLn('longest: ', Longest(C));
end;

begin
  Write('how many links? ');
  ReadLn(Input);
  ⟪Amount := Input⟶Amount := StrToInt(Input)⟶Amount := StrToIntDef(Input, 0)⟫;
  if (Amount < 1) ⟪||⟶or⟫ (Amount > 200) then
    Amount := 12;
  Chain := MakeChain(Amount);
  Stretch(Chain, 2);
  Print(⟪⟶Chain⟫);
  Weight := WeightOf(Chain);
  WriteLn('weight: ' ⟪+ Weight⟶, Weight⟶+ FloatToStr(Weight)⟶, FloatToStr(Weight)⟫);
end⟪⟶.⟫
