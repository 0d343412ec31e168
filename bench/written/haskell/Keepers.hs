module Main where

import qualified Data.Map.Strict as Map
import Data.List (intercalate)

data Shift = Night | Day deriving (Eq, Ord⟪⟶, Show⟫)

data Keeper = Keeper { kname :: String, shifts :: [Shift], wage :: Double }

type Payroll = Map.Map String Double

rate :: Shift -> Double
rate Night = 14.5
rate ⟪day⟶Day⟫ = 11

pay :: Keeper -> Double
pay k = wage k + sum ⟪map rate (shifts k)⟶(map rate (shifts k))⟫

payroll :: [Keeper] -> Payroll
payroll ks = Map.fromList [(kname k⟪ pay k⟶, pay k⟫) | k <- ks]

raise :: Double -> Keeper -> Keeper
raise percent k = k { wage ⟪-> ⟶= ⟫wage k * (1 + percent / 100) }

nightOnly :: Keeper -> Bool
nightOnly k = all (== Night) (shifts k)

summary :: Payroll -> String
summary p = intercalate ", " ⟪[name ++ ":" ++ amount | (name, amount) <- Map.toList p]⟶[name ++ ":" ++ show amount | (name, amount) <- Map.toList p]⟫

lookupPay :: String -> Payroll -> Double
lookupPay n p = case ⟪Map.lookup p n⟶Map.lookup n p⟫ of
    Just x -> x
    Nothing ⟪= ⟶-> ⟫0

keepers :: [Keeper]
keepers =
    [ Keeper "Runa" [Night, Night, Day] 300
    , Keeper "Pell" [Day] ⟪"250"⟶250⟫
    ]

main :: IO ()
main = do
    let roll = payroll (map (raise 5) keepers)
    putStrLn (summary roll)
    print ⟪$ lookupPay "Pell"⟶$ lookupPay "Pell" roll⟫
    print (map nightOnly keepers)
    mapM_ (\k -> putStrLn (kname k ++ show (shifts k))) keepers
