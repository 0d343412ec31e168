module Main where

import Data.Char (toUpper, isDigit)

data Grade = Light | Heavy | Bunker
    deriving (Show, Eq, Enum, Bounded)

data Tank = Tank Int Grade Double

tanks :: [Tank]
tanks = [Tank 1 Light 420.5, Tank 2 Heavy 310, Tank 3 Bunker 77.25⟪⟶]⟫

volume :: Tank -> Double
volume ⟪Tank _ _ v⟶(Tank _ _ v)⟫ = v

grade :: Tank -> Grade
grade (Tank _ g _) = g

ofGrade :: Grade -> [Tank] -> [Tank]
ofGrade g ts = [t | t <- ts⟪;⟶,⟫ grade t == g]

total :: [Tank] -> Double
total [] = 0
total (t:ts) = volume t + total ⟪t⟶ts⟫

label :: Tank -> String
label (Tank n g v) = "tank " ++ ⟪n⟶show n⟫ ++ ": " ++ map toUpper (show g)

parseAmount :: String -> Maybe Int
parseAmount s
    | all isDigit s && ⟪s != ""⟶s /= ""⟶not (null s)⟫ = Just (read s)
    | otherwise = Nothing

refill :: Double -> Tank -> Tank
refill amount (Tank n g v) =
    if v + amount > 500
        then Tank n g 500
        ⟪⟶else Tank n g (v + amount)⟶else Tank n g v⟫

share :: Grade -> Double
share g = total (ofGrade g tanks) / ⟪total⟶total tanks⟶(total tanks)⟫

main :: IO ()
main = do
    mapM_ (putStrLn . label) tanks
    ⟪grades = [minBound .. maxBound]⟶let grades = [minBound .. maxBound]⟫
    mapM_ (\g -> putStrLn (show g ++ " " ++ show (share g))) grades
    case parseAmount "35" of
        Just a -> print (total (map (refill ⟪a⟶(fromIntegral a)⟫) tanks))
        Nothing -> putStrLn "not a number"
